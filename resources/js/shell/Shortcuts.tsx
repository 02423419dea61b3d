import '@mantine/core/styles/Table.css';
import '../theme/over';
import { Modal, Switch, Table } from '@mantine/core';
import { useBench } from './bench';
import { PLACES } from './places';

const KEYS: [string, string][] = [
  ...PLACES.map((place, index): [string, string] => [String(index + 1), `go to ${place.word}`]),
  ['b', 'change the reel on the bench'],
  ['/ or Ctrl K', 'search reels, lines, plans and commands'],
  ['u', 'turn the units over'],
  ['Ctrl S', 'save the plan'],
  ['Tab, then ↑ ↓', 'move a mark on the drawing by 0.1 mm; with Shift or Page keys by 0.5 mm'],
  ['Space', 'counting: adds a turn; stops the metronome while it runs'],
  ['Backspace', 'counting: undoes the last turn'],
  ['p, d, t', 'counting: starts or stops the metronome; measures the line level; types turns or metres'],
  ['Enter, s, n, ←', 'winding: done, skip, note, back'],
  ['h, l', 'slack test: hangs straight, springs into loops'],
  [
    'Space, Enter, Backspace',
    'drag: pulls the simulated scale; confirms the knob position or saves the setting; undoes a pull',
  ],
  ['← →', 'a knot: one move back or on'],
  ['Ctrl Z', 'undo the last change to stock, reels or plans'],
  ['?', 'this list'],
];

export default function Shortcuts({ onClose }: { onClose: () => void }) {
  const { singleKeys, setSingleKeys } = useBench();
  return (
    <Modal opened onClose={onClose} title="Shortcuts" closeButtonProps={{ 'aria-label': 'Close' }}>
      <Table>
        <Table.Tbody>
          {KEYS.map(([key, does]) => (
            <Table.Tr key={key}>
              <Table.Th scope="row">
                <kbd>{key}</kbd>
              </Table.Th>
              <Table.Td>{does}</Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
      <Switch
        mt="md"
        label="Use single-key shortcuts (turn off if they get in the way)"
        checked={singleKeys}
        onChange={(event) => setSingleKeys(event.currentTarget.checked)}
      />
    </Modal>
  );
}
