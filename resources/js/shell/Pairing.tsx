import { Button } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';
import { renderSVG } from 'uqr';
import { answer, client } from '../api/client';
import { useForget } from '../api/records';
import { household } from '../api/served';
import { day } from '../parts/day';
import { failed } from '../parts/undo';
import classes from './Pairing.module.css';

const EVERY = 20_000;

/** Lets a phone on the same network in. Only where the server was started for it, and only on this computer's own screen. */
export function Pairing() {
  const { data } = useQuery({
    queryKey: ['pairing'],
    enabled: household === null,
    refetchInterval: EVERY,
    retry: false,
    queryFn: () => answer(client.GET('/api/pairing')),
  });
  const forget = useForget();
  if (!data?.lan || !data.code) return null;
  const url = data.urls[0];
  return (
    <section className={classes.pairing} aria-label="Connect a phone">
      {url && (
        <div
          className={classes.code}
          role="img"
          aria-label={`QR code of ${url}`}
          // biome-ignore lint/security/noDangerouslySetInnerHtml: drawn here from an address of this server
          dangerouslySetInnerHTML={{ __html: renderSVG(url, { border: 2 }) }}
        />
      )}
      <div>
        <h2>Connect a phone</h2>
        <p>
          On the same network, point its camera at this, or open{' '}
          <b>{data.urls.map((each) => each.replace(/\/[^/]*$/, '')).join(' or ')}</b> and type{' '}
          <b data-testid="pairing-code">{data.code}</b>. The code lets one device in and is good for five minutes.
        </p>
        <p>Without https a phone’s browser may let its screen sleep: set it not to.</p>
        {data.devices.length > 0 && (
          <ul className={classes.devices}>
            {data.devices.map((device) => (
              <li key={device.id}>
                {device.name}, since {day(device.paired_at)}{' '}
                <Button
                  size="compact-xs"
                  variant="default"
                  onClick={() => forget.mutateAsync(device.id).catch(failed)}
                  aria-label={`Disconnect ${device.name}`}
                >
                  Disconnect
                </Button>
              </li>
            ))}
          </ul>
        )}
      </div>
    </section>
  );
}
