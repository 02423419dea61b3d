import { Button, type ButtonProps, Popover } from '@mantine/core';
import { useDisclosure } from '@mantine/hooks';
import type { ReactNode } from 'react';

interface PocketProps extends Omit<ButtonProps, 'children'> {
  /** what stands on the button */
  name: string;
  /** what it is, for those who hear the page; holds the name */
  label: string;
  position?: 'bottom-end' | 'top-end';
  children: (close: () => void) => ReactNode;
}

/** A button that opens a few choices beside it. */
export function Pocket({ name, label, position = 'bottom-end', children, ...button }: PocketProps) {
  const [opened, { toggle, close }] = useDisclosure();
  return (
    <Popover opened={opened} onDismiss={close} position={position} trapFocus withRoles={false} shadow="sm">
      <Popover.Target>
        <Button {...button} aria-label={label} aria-expanded={opened} aria-haspopup="dialog" onClick={toggle}>
          {name}
        </Button>
      </Popover.Target>
      <Popover.Dropdown role="dialog" aria-label={label}>
        {children(close)}
      </Popover.Dropdown>
    </Popover>
  );
}
