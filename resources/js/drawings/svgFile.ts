/** What a drawing gets from the page's style sheets and has to carry with it when it leaves the page. */
const CARRIED = [
  'fill',
  'fill-opacity',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'stroke-linejoin',
  'opacity',
  'font-size',
  'font-weight',
  'font-family',
  'text-anchor',
] as const;
const MARGIN = 6;

/** A drawing of the screen as a file of its own: the same shapes, its styles written into it, on a ground of its own. `size`: how large on paper, where it is drawn to a size: then what it shows is not a hair more or less. */
export function svgFile(drawing: SVGSVGElement, title: string, size?: { width: string; height: string }): string {
  const copy = drawing.cloneNode(true) as SVGSVGElement;
  const styled = [drawing, ...drawing.querySelectorAll('*')];
  const copies = [copy, ...copy.querySelectorAll('*')];
  styled.forEach((element, index) => {
    const target = copies[index];
    if (!target) return;
    const style = getComputedStyle(element);
    for (const property of CARRIED) {
      const value = style.getPropertyValue(property);
      if (value && value !== 'normal') target.setAttribute(property, value.replaceAll('"', "'"));
    }
    for (const name of ['class', 'style', 'tabindex', 'role', 'data-mark']) target.removeAttribute(name);
  });
  const view = size ? (drawing.getAttribute('viewBox')?.split(' ').map(Number) ?? around(drawing)) : around(drawing);
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  copy.setAttribute('viewBox', view.join(' '));
  copy.setAttribute('width', size?.width ?? String(view[2]));
  copy.setAttribute('height', size?.height ?? String(view[3]));
  const ground = document.createElementNS('http://www.w3.org/2000/svg', 'rect');
  for (const [name, value] of Object.entries({ x: view[0], y: view[1], width: view[2], height: view[3] })) {
    ground.setAttribute(name, String(value));
  }
  ground.setAttribute('fill', getComputedStyle(drawing).getPropertyValue('--paper').trim() || '#fff');
  copy.prepend(ground);
  const name = document.createElementNS('http://www.w3.org/2000/svg', 'title');
  name.textContent = title;
  copy.prepend(name);
  return `<?xml version="1.0" encoding="UTF-8"?>\n${new XMLSerializer().serializeToString(copy)}\n`;
}

/** All that is drawn, with a margin. */
function around(drawing: SVGSVGElement): number[] {
  const box = drawing.getBBox();
  return [box.x - MARGIN, box.y - MARGIN, box.width + 2 * MARGIN, box.height + 2 * MARGIN].map((each) =>
    Number(each.toFixed(2)),
  );
}

/** Hands a text to the browser as a file. */
export function download(text: string, name: string, type: string) {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([text], { type }));
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}
