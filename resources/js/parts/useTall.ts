import { useMediaQuery } from '@mantine/hooks';

/** Whether there is room for a drawing to grow. */
export const useTall = (): boolean => useMediaQuery('(min-width: 1600px) and (min-height: 950px)') ?? false;
