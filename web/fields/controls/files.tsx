import { FileText, X } from 'lucide-react';
import { useState } from 'react';
import type { FileFacts } from '#contract/index.ts';
import { type FieldTypeOf, mediaTypes, textsOf } from '#core/values/index.ts';
import { sayError, uploadFile } from '../../data/client.ts';
import type { ControlProps } from './control.ts';

const MEGA = 1024 * 1024;
export const saySize = (size: number): string =>
  size < MEGA ? `${Math.max(1, Math.round(size / 1024))} kB` : `${(size / MEGA).toFixed(1)} MB`;

/** What a file is called and how large it is, beside or under what there is to see of it. */
export const FileName = ({ file }: { file: FileFacts }) => (
  <span className="block min-w-0">
    <span className="block truncate font-semibold">{file.name}</span>
    <span className="text-[13px] text-ink-2">{saySize(file.size)}</span>
  </span>
);

/** A file as it is told: its small picture where it has one, its name and size. */
export const FileLine = ({ file, src }: { file: FileFacts; src: string }) => (
  <>
    {file.media_type.startsWith('image/') ? (
      <img src={`${src}?small=yes`} alt="" className="size-12 border border-rule object-cover" />
    ) : (
      <span className="grid size-12 place-items-center border border-rule bg-paper text-ink-2">
        <FileText size={20} aria-hidden="true" />
      </span>
    )}
    <FileName file={file} />
  </>
);

/** Files: chosen from the device or dropped; each is checked and kept by the server at once. */
export const FilesBox = ({
  type,
  onFile,
  ...props
}: ControlProps & { type: FieldTypeOf<'files'>; onFile: (file: FileFacts) => void }) => {
  const [wrong, setWrong] = useState<readonly string[]>([]);
  const [sending, setSending] = useState(0);
  const ids = textsOf(props.value);
  const add = async (given: readonly File[]): Promise<void> => {
    setWrong([]);
    setSending(given.length);
    for (const file of given) {
      try {
        onFile(await uploadFile(file, type.sort));
      } catch (error) {
        setWrong((before) => [...before, `${file.name}: ${sayError(error)}`]);
      }
      setSending((count) => count - 1);
    }
    props.onLeave();
  };
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: dropping is a second way; the input below is the first
    <div
      className="box"
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault();
        void add([...event.dataTransfer.files]);
      }}
    >
      <ul className="grid gap-1.5">
        {ids.map((id) => {
          const file = props.known.files[id];
          return (
            <li key={id} className="flex items-center gap-2.5">
              {file ? <FileLine file={file} src={`/api/files/${id}`} /> : 'a file'}
              <button
                type="button"
                className="btn btn-quiet ml-auto px-1.5!"
                aria-label={`Take ${file?.name ?? 'the file'} away`}
                onClick={() => props.onValue(ids.filter((each) => each !== id))}
              >
                <X size={15} aria-hidden="true" />
              </button>
            </li>
          );
        })}
      </ul>
      <input
        id={props.id}
        type="file"
        multiple
        accept={mediaTypes(type.sort).join(',')}
        aria-describedby={props.describedBy}
        aria-invalid={props.invalid}
        className="mt-1 w-full text-[13px]"
        disabled={ids.length >= type.most}
        onChange={(event) => {
          const { files } = event.target;
          void add([...(files ?? [])]).then(() => {
            event.target.value = '';
          });
        }}
      />
      <p role="status" className="text-[13px] text-ink-2">
        {sending > 0 ? `Sending ${sending} …` : ''}
      </p>
      {wrong.map((text) => (
        <p key={text} className="wrong">
          {text}
        </p>
      ))}
    </div>
  );
};
