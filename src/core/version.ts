/** Version of the calculations; written beside what a grower saw when saving a reading. */
export const CORE_VERSION = '1';
