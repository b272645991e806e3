/** A day as it is said. */

/**
 * @param day ISO 8601, without a time; it is the same day in every zone
 * @param locale BCP 47
 */
export const dayName = (day: string, form: Intl.DateTimeFormatOptions, locale = 'en-GB'): string =>
  new Date(`${day}T12:00:00Z`).toLocaleDateString(locale, { ...form, timeZone: 'UTC' });

export const longDay = { weekday: 'long', day: 'numeric', month: 'long' } as const;
