/** A day with its time, as the reader's own device writes it. */
export const when = new Intl.DateTimeFormat(undefined, { dateStyle: 'medium', timeStyle: 'short' });

/** The day alone, where there is little room. */
export const day = new Intl.DateTimeFormat(undefined, { day: 'numeric', month: 'short' });
