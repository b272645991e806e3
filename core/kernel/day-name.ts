/** A day as it is said. */

/** @param day ISO 8601, without a time; it is the same day in every zone */
export const dayName = (day: string, form: Intl.DateTimeFormatOptions): string =>
  new Date(`${day}T12:00:00Z`).toLocaleDateString('en-GB', { ...form, timeZone: 'UTC' });

export const longDay = { weekday: 'long', day: 'numeric', month: 'long' } as const;
