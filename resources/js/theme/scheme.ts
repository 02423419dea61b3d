import { localStorageColorSchemeManager } from '@mantine/core';

/** Day, night or as the system has it; the page reads the same key before anything is drawn. */
export const scheme = localStorageColorSchemeManager({ key: 'undro-scheme' });
