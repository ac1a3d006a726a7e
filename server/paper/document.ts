import PDFDocument from 'pdfkit';

/** What every document says of itself. */
interface DocumentInfo {
  readonly title: string;
  /** The workspace's language (BCP 47). */
  readonly language: string;
  /** The workspace, where it is told. */
  readonly author?: string;
}

/** An A4 document that can be listened to: tagged, with its title and language (ISO 32000-1, 14.8, 14.9). */
export const taggedDocument = (
  { title, language, author }: DocumentInfo,
  more: Pick<PDFKit.PDFDocumentOptions, 'layout' | 'margin' | 'bufferPages'>,
): PDFKit.PDFDocument =>
  new PDFDocument({
    size: 'A4',
    ...more,
    tagged: true,
    pdfVersion: '1.7',
    lang: language,
    displayTitle: true,
    info: { Title: title, ...(author === undefined ? {} : { Author: author }), Creator: 'Iolite' },
  });
