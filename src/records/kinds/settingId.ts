/** The one record that holds the book's settings. Apart from its schema, so that pages stay light. */
export const BOOK_SETTINGS_ID = 'setting-book';
