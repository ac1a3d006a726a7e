/* Packages that come without types: what of them is used here. */

declare module 'bidi-js' {
  /** The Unicode Bidirectional Algorithm (UAX #9). */
  interface Bidi {
    /** A level for each code unit, odd where it is read from right to left. */
    readonly getEmbeddingLevels: (
      text: string,
      base?: 'ltr' | 'rtl' | 'auto',
    ) => { readonly levels: Uint8Array; readonly paragraphs: readonly { readonly level: number }[] };
    readonly getMirroredCharacter: (character: string) => string | null;
  }
  export default function bidiFactory(): Bidi;
}

declare module 'linebreak' {
  /** Where lines may be broken (UAX #14). */
  export default class LineBreaker {
    constructor(text: string);
    nextBreak(): { readonly position: number; readonly required: boolean } | null;
  }
}

declare namespace PDFKit.Mixins {
  interface StructureElementOptions {
    /** What the head of a table stands over (ISO 32000-1, table 349). */
    scope?: 'Column' | 'Row';
  }
}
