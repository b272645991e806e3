/** The part of the package qrcode that computes a code without drawing it; its own types name the drawing parts only. */
declare module 'qrcode/lib/core/qrcode' {
  export function create(
    text: string,
    options: { errorCorrectionLevel: 'L' | 'M' | 'Q' | 'H' },
  ): { modules: { size: number; get(row: number, column: number): number } };
}
