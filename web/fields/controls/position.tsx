import { MapPin } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { behaviourOf, positionOf } from '#core/values/index.ts';
import { Coming } from '../../ui/message.tsx';
import type { ControlProps } from './control.ts';
import { Box } from './typed.tsx';

// Coasts weigh half a megabyte: they come when a chart is first opened.
const Chart = lazy(() => import('./sea-chart.tsx'));

/** A place: typed as a position, or pointed to on a chart. */
export const PositionBox = (props: ControlProps) => {
  const [open, setOpen] = useState(false);
  const [told, setTold] = useState('');
  const read = (text: string): void => {
    const value = behaviourOf(props.field.type).parse(text, props.context);
    if (value.ok) props.onValue(value.value);
  };
  const here = (): void => {
    setTold('');
    navigator.geolocation.getCurrentPosition(
      ({ coords }) => read(`${coords.latitude.toFixed(6)}, ${coords.longitude.toFixed(6)}`),
      () => setTold('This device does not say where it is.'),
    );
  };
  return (
    <div>
      <span className="flex gap-2">
        <span className="grow">
          <Box {...props} placeholder="latitude, longitude" />
        </span>
        <button type="button" className="btn" aria-expanded={open} onClick={() => setOpen(!open)}>
          <MapPin size={15} aria-hidden="true" /> Chart
        </button>
        <button type="button" className="btn btn-quiet" onClick={here}>
          Here
        </button>
      </span>
      {told !== '' && (
        <p role="status" className="mt-1 text-ink-2">
          {told}
        </p>
      )}
      {open && (
        <Suspense fallback={<Coming />}>
          <Chart
            label={`Chart for ${props.field.label}: arrow keys move the mark, plus and minus zoom`}
            at={positionOf(props.value)}
            onPoint={({ latitude, longitude }) => read(`${latitude.toFixed(6)}, ${longitude.toFixed(6)}`)}
          />
        </Suspense>
      )}
    </div>
  );
};
