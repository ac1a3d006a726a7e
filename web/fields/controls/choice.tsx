import {
  Anchor,
  Bandage,
  Banknote,
  Box,
  Check,
  Clock,
  Coins,
  CreditCard,
  Droplet,
  Eye,
  Flag,
  Flame,
  Hammer,
  Heart,
  Leaf,
  type LucideIcon,
  OctagonX,
  Pause,
  Ship,
  TriangleAlert,
  Truck,
  Users,
  Wrench,
} from 'lucide-react';
import type { ReactNode } from 'react';
import type { Choice, ChoiceIcon } from '#core/values/index.ts';

const PICTURES: Readonly<Record<ChoiceIcon, LucideIcon>> = {
  anchor: Anchor,
  bandage: Bandage,
  banknote: Banknote,
  box: Box,
  check: Check,
  clock: Clock,
  coins: Coins,
  'credit card': CreditCard,
  droplet: Droplet,
  eye: Eye,
  flag: Flag,
  flame: Flame,
  hammer: Hammer,
  heart: Heart,
  leaf: Leaf,
  pause: Pause,
  ship: Ship,
  stop: OctagonX,
  truck: Truck,
  users: Users,
  warning: TriangleAlert,
  wrench: Wrench,
};

/** The small picture of a choice, if it has one; it says nothing its word does not. */
export const ChoicePicture = ({ icon }: { icon: ChoiceIcon | undefined }) => {
  const Picture = icon && PICTURES[icon];
  return Picture ? <Picture size={14} aria-hidden="true" className="mr-1 inline-block align-[-2px]" /> : null;
};

interface ChipProps {
  readonly choice: Choice | undefined;
  readonly code: string;
  /** The word, where something in it is marked. */
  readonly children?: ReactNode;
}

/** A choice by its word, on its wash where it has a colour. */
export const ChoiceChip = ({ choice, code, children }: ChipProps) => (
  <span className={choice?.colour ? `chip chip-${choice.colour}` : ''}>
    <ChoicePicture icon={choice?.icon} />
    {children ?? choice?.label ?? code}
  </span>
);
