import { Button, TextInput } from '@mantine/core';
import { getHotkeyHandler } from '@mantine/hooks';
import { useState } from 'react';
import classes from './Plan.module.css';

interface NameReelProps {
  /** what the button says */
  submit: string;
  busy: boolean;
  onName: (name: string) => void;
}

/** Asks what a reel that was only typed is called. No form of its own: the fields of the plan are one. */
export function NameReel({ submit, busy, onName }: NameReelProps) {
  const [name, setName] = useState('');
  const send = () => name.trim() && onName(name.trim());
  return (
    <div className={classes.keepReel}>
      <TextInput
        size="xs"
        label="Name of the reel, to add it to Locker"
        autoFocus
        required
        maxLength={80}
        value={name}
        onChange={(event) => setName(event.currentTarget.value)}
        onKeyDown={getHotkeyHandler([['Enter', send]])}
      />
      <Button size="compact-sm" onClick={send} loading={busy}>
        {submit}
      </Button>
    </div>
  );
}
