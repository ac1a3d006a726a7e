import { useMutation } from '@tanstack/react-query';
import { useId, useState } from 'react';
import type { Media } from '#core/form/index.ts';
import { uploadFile } from '../../data/client.ts';
import { Problems } from '../../ui/message.tsx';

interface Props {
  readonly label: string;
  readonly media: Media | undefined;
  readonly onMedia: (media: Media | undefined) => void;
}

/** A picture or video of one's own beside an introduction, with the words for who cannot see it. */
export const MediaPart = ({ label, media, onMedia }: Props) => {
  const id = useId();
  const add = useMutation({
    mutationFn: (file: File) => uploadFile(file, file.type.startsWith('video/') ? 'videos' : 'photos'),
    onSuccess: (file) =>
      onMedia({
        file: file.id,
        kind: file.media_type.startsWith('video/') ? 'video' : 'picture',
        words: file.name.slice(0, 80),
      }),
  });
  if (media)
    return (
      <p className="flex flex-wrap items-center gap-2 text-ink-2">
        {media.kind === 'video' ? 'Shows a video of' : 'Shows a picture of'}
        <Shows
          label={`What the ${media.kind} of ${label} shows`}
          words={media.words}
          onWords={(words) => onMedia({ ...media, words })}
        />
        <button type="button" className="part" onClick={() => onMedia(undefined)}>
          take it away
        </button>
      </p>
    );
  return (
    <div className="line-tool text-ink-2">
      <label htmlFor={id} className="quiet-link relative cursor-pointer focus-within:outline-2">
        add a picture or video to {label}
        <input
          id={id}
          type="file"
          accept="image/*,video/*"
          className="sr-only"
          onChange={(event) => {
            const file = event.target.files?.[0];
            if (file) add.mutate(file);
          }}
        />
      </label>{' '}
      {add.isPending && 'Adding …'}
      <Problems error={add.error} />
    </div>
  );
};

interface ShowsProps {
  readonly label: string;
  readonly words: string;
  readonly onWords: (words: string) => void;
}

/** Words for who cannot see it: there are always some, also while the box is being emptied for others. */
const Shows = ({ label, words, onWords }: ShowsProps) => {
  const [typed, setTyped] = useState(words);
  return (
    <input
      className="box w-60"
      aria-label={label}
      value={typed}
      maxLength={80}
      onChange={(event) => {
        setTyped(event.target.value);
        if (event.target.value.trim() !== '') onWords(event.target.value);
      }}
      onBlur={() => setTyped(words)}
    />
  );
};
