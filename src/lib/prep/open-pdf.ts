import workerUrl from 'pdfjs-dist/build/pdf.worker.min.mjs?url';
import type { PDFDocumentProxy } from 'pdfjs-dist';

/** A PDF to look at. The package is large: it is loaded when there is something to see. */
export async function openPdf(bytes: Uint8Array): Promise<PDFDocumentProxy> {
  const pdfjs = await import('pdfjs-dist');
  pdfjs.GlobalWorkerOptions.workerSrc = workerUrl;
  // The package takes the bytes over: it gets a copy.
  return pdfjs.getDocument({ data: bytes.slice(), isEvalSupported: false }).promise;
}
