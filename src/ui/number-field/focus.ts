/** The field that takes digits typed while nothing has the focus, where one stands. */
export const digitsField = (): HTMLInputElement | null =>
  document.querySelector<HTMLInputElement>('input[data-takes-digits]');

/** From a number field to the one after it; stays where there is none. */
export function focusNext(field: HTMLInputElement): void {
  const all = Array.from(document.querySelectorAll<HTMLInputElement>('input[inputmode="decimal"]'));
  all[all.indexOf(field) + 1]?.focus();
}
