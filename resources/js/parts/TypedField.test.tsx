// @vitest-environment happy-dom
import { MantineProvider } from '@mantine/core';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { afterEach, describe, expect, it } from 'vitest';
import { TypedField } from './TypedField';

afterEach(cleanup);

function Field({ start = '', unit, error }: { start?: string; unit?: string; error?: string }) {
  const [typed, setTyped] = useState(start);
  return (
    <QueryClientProvider client={new QueryClient()}>
      <MantineProvider env="test">
        <TypedField label="Lip" value={typed} onChange={setTyped} {...(unit ? { unit } : {})} error={error} />
        <p data-testid="kept">{typed}</p>
      </MantineProvider>
    </QueryClientProvider>
  );
}

const type = async (text: string) => {
  const user = userEvent.setup();
  await user.type(screen.getByLabelText('Lip'), text);
  const typing = screen.getByTestId('kept').textContent;
  await user.tab();
  return [typing, screen.getByTestId('kept').textContent];
};

describe('a typed figure', () => {
  it('is kept as typed, and a bare one gets its unit only when the field is left', async () => {
    render(<Field unit="mm" />);
    expect(await type('46')).toEqual(['46', '46 mm']);
  });

  it('keeps a unit that was typed, whatever the field’s own is', async () => {
    render(<Field unit="mm" />);
    expect(await type('1 13/16 in')).toEqual(['1 13/16 in', '1 13/16 in']);
  });

  it('keeps what cannot be read, beside the field’s own message', async () => {
    render(<Field unit="mm" error={'"deep" cannot be read'} />);
    expect((await type('deep'))[1]).toBe('deep');
    const field = screen.getByLabelText('Lip');
    expect(field.getAttribute('aria-invalid')).toBe('true');
    const message = document.getElementById(field.getAttribute('aria-describedby')?.split(' ')[0] ?? '');
    expect(message?.textContent).toContain('cannot be read');
  });

  it('adds nothing to an empty field', async () => {
    render(<Field unit="mm" start="46 mm" />);
    const user = userEvent.setup();
    await user.clear(screen.getByLabelText('Lip'));
    await user.tab();
    expect(screen.getByTestId('kept').textContent).toBe('');
  });
});
