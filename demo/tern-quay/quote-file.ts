/** A page of PDF (ISO 32000-1, 7.5) with a few lines of text: a quotation, as suppliers send them. Plain letters only. */
export const quoteFile = (lines: readonly string[]): Uint8Array<ArrayBuffer> => {
  const text = lines.map((each) => `(${each.replace(/[()\\]/g, '\\$&')}) Tj T*`).join(' ');
  const page = `BT /F1 14 Tf 20 TL 60 760 Td ${text} ET`;
  const objects = [
    '<< /Type /Catalog /Pages 2 0 R >>',
    '<< /Type /Pages /Kids [3 0 R] /Count 1 >>',
    '<< /Type /Page /Parent 2 0 R /MediaBox [0 0 595 842] /Contents 4 0 R /Resources << /Font << /F1 5 0 R >> >> >>',
    `<< /Length ${page.length} >>\nstream\n${page}\nendstream`,
    '<< /Type /Font /Subtype /Type1 /BaseFont /Helvetica >>',
  ];
  let body = '%PDF-1.4\n';
  const places = objects.map((object, i) => {
    const place = body.length;
    body += `${i + 1} 0 obj\n${object}\nendobj\n`;
    return place;
  });
  const table = places.map((place) => `${String(place).padStart(10, '0')} 00000 n \n`).join('');
  const end = `xref\n0 ${objects.length + 1}\n0000000000 65535 f \n${table}trailer\n<< /Size ${objects.length + 1} /Root 1 0 R >>\nstartxref\n${body.length}\n%%EOF\n`;
  return new TextEncoder().encode(body + end);
};
