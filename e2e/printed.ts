import PDFParser from 'pdf2json';

/** What a PDF says, page by page joined, without its spaces: a PDF sets letters and need have none. */
export function textOfPdf(pdf: Buffer): Promise<string> {
  return new Promise((resolve, reject) => {
    const parser = new PDFParser(null, true);
    parser.on('pdfParser_dataReady', () => resolve(parser.getRawTextContent().replace(/\s+/g, '')));
    parser.on('pdfParser_dataError', reject);
    parser.parseBuffer(pdf);
  });
}
