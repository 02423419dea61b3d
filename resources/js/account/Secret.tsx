import { TextInput, type TextInputProps } from '@mantine/core';

/** A password, the one there is or one that is being chosen. */
export const Secret = ({ chosen = false, ...field }: TextInputProps & { chosen?: boolean }) => (
  <TextInput
    type="password"
    withAsterisk={false}
    required
    autoComplete={chosen ? 'new-password' : 'current-password'}
    {...field}
  />
);
