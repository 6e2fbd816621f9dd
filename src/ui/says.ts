/** What parts say by themselves, most of it to a screen reader. */
export const partSays = {
  close: 'Close',
  due: 'due',
  withKey: (label: string, key: string) => `${label} (key ${key})`,
  stepDown: (label: string) => `${label} down one step`,
  stepUp: (label: string) => `${label} up one step`,
  changeUnit: (label: string, unit: string) => `Change the unit of ${label}, now ${unit}`,
  moveFrom: (place: string | number, name: string) => `${place}, move ${name}`,
  up: (name: string) => `${name} up`,
  down: (name: string) => `${name} down`,
} as const;
