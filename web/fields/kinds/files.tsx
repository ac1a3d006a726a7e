import { FILE_SORTS, type FieldTypeOf, type FileSort, MOST_FILES, textsOf } from '#core/values/index.ts';
import { Part, PickOne } from '../../ui/part.tsx';
import { TextPart } from '../../ui/text-part.tsx';
import { type KindFace, LINE, type ShownRecord } from '../controls/face.ts';
import { FileLine, FileName, FilesBox } from '../controls/files.tsx';

const SORT_WORDS: { readonly [K in FileSort]: string } = {
  photos: 'photos',
  videos: 'videos',
  documents: 'documents',
  any: 'photos, videos and documents',
};

const FilesValue = ({ ids, reading: { record, register } }: { ids: readonly string[]; reading: ShownRecord }) => (
  <ul className="flex flex-wrap gap-3">
    {ids.map((id) => {
      const file = record.files[id];
      const src = `/api/registers/${register}/records/${record.id}/files/${id}`;
      return (
        file && (
          <li key={id}>
            {file.media_type.startsWith('image/') ? (
              <a href={src} target="_blank" rel="noreferrer">
                <img
                  src={src}
                  alt=""
                  width={file.width ?? undefined}
                  height={file.height ?? undefined}
                  loading="lazy"
                  className="h-auto max-h-80 w-auto max-w-full border border-rule object-contain"
                />
                <FileName file={file} />
              </a>
            ) : (
              <a className="flex items-center gap-2" href={src} target="_blank" rel="noreferrer">
                <FileLine file={file} src={src} />
              </a>
            )}
          </li>
        )
      );
    })}
  </ul>
);

export const filesFace: KindFace<FieldTypeOf<'files'>> = {
  layout: { ...LINE, wideValue: true },
  Control: (props) => <FilesBox {...props} onFile={(file) => props.entry.addFile(props.field.key, file)} />,
  Value: ({ value, reading }) => <FilesValue ids={textsOf(value)} reading={reading} />,
  Settings: ({ type, n, what, onType }) => (
    <>
      {': '}
      <Part text={SORT_WORDS[type.sort]} what={`sort of files of ${what} ${n}`}>
        {(close) => (
          <PickOne<FileSort>
            options={FILE_SORTS.map((sort) => ({ value: sort, label: SORT_WORDS[sort] }))}
            chosen={type.sort}
            onPick={(sort) => {
              onType({ ...type, sort });
              close();
            }}
          />
        )}
      </Part>
      {', at most '}
      <TextPart
        text={String(type.most)}
        shown={String(type.most)}
        what={`number of files of ${what} ${n}`}
        onText={(text) => {
          const most = Number(text);
          if (Number.isInteger(most) && most > 0 && most <= MOST_FILES) onType({ ...type, most });
        }}
      />
    </>
  ),
};
