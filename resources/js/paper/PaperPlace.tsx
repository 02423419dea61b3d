import { Button, Title } from '@mantine/core';
import { useRef } from 'react';
import { useFreshCalculator } from '../api/calculators';
import { Sheet } from '../drawings/paper/Sheet';
import { PAPER_MM } from '../drawings/paper/sheet';
import { download, svgFile } from '../drawings/svgFile';
import page from '../parts/parts.module.css';
import { Waiting } from '../parts/Waiting';
import classes from './Paper.module.css';

/** Tools to measure with, on one sheet of paper. */
export function PaperPlace() {
  const sheet = useRef<HTMLDivElement>(null);
  const tools = useFreshCalculator('paper', {});
  const save = () => {
    const svg = sheet.current?.querySelector('svg');
    if (svg) download(sheetFile(svg), 'undro-paper-tools.svg', 'image/svg+xml');
  };
  return (
    <div className={page.page}>
      <title>Paper tools · Undro</title>
      <div className={`${page.head} ${classes.tools}`}>
        <Title order={1}>Paper tools</Title>
        <p className={page.soft}>Measure without calipers. Print this sheet at 100 %.</p>
        <span className={page.grow} />
        {tools.data && <Button onClick={() => window.print()}>Print, or save as PDF</Button>}
        {tools.data && (
          <Button variant="default" onClick={save}>
            Save as SVG
          </Button>
        )}
      </div>
      <div ref={sheet} className={classes.sheet}>
        {tools.data ? <Sheet sheet={tools.data} /> : <Waiting query={tools} what="the sheet" />}
      </div>
    </div>
  );
}

/** The sheet as a file of its own: one unit of it is one millimetre. */
function sheetFile(svg: SVGSVGElement): string {
  return svgFile(svg, 'Paper tools', { width: `${PAPER_MM.width}mm`, height: `${PAPER_MM.height}mm` });
}
