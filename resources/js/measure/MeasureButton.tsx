import { Button, type ButtonProps } from '@mantine/core';
import { useDisclosure } from '@mantine/hooks';
import { lazy, Suspense } from 'react';
import type Helper from './Measure';

const Measure = lazy(() => import('./Measure'));

interface MeasureButtonProps extends Omit<Parameters<typeof Helper>[0], 'onClose'> {
  children: string;
  variant?: ButtonProps['variant'];
}

/** A button beside a figure that opens the help for measuring it. */
export function MeasureButton({ children, variant = 'subtle', ...measure }: MeasureButtonProps) {
  const [opened, { open, close }] = useDisclosure();
  return (
    <>
      <Button
        size={variant === 'default' ? 'compact-sm' : 'compact-xs'}
        variant={variant}
        color="gray"
        justify="start"
        onClick={open}
      >
        {children}
      </Button>
      {opened && (
        <Suspense fallback={null}>
          <Measure {...measure} onClose={close} />
        </Suspense>
      )}
    </>
  );
}
