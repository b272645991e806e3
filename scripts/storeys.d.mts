export const storeys: readonly (readonly string[])[];
export function heightOf(folder: string): number;
declare const house: { rules: Record<string, unknown> };
export default house;
