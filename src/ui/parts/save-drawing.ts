/** Saves a drawing as it stands on the page, as SVG or PNG: patterns go with it, tokens become colours. */
import { download } from './download';

/** The drawing as a text of its own, without the page. */
export function svgText(svg: SVGSVGElement): string {
  const copy = svg.cloneNode(true) as SVGSVGElement;
  const box = svg.viewBox.baseVal;
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  copy.setAttribute('width', String(box.width));
  copy.setAttribute('height', String(box.height));
  copy.removeAttribute('style');
  const used = new Set([...copy.outerHTML.matchAll(/url\(#([^)]+)\)/g)].map((m) => m[1]!));
  const defs = document.createElementNS('http://www.w3.org/2000/svg', 'defs');
  for (const id of used) {
    const def = document.getElementById(id);
    if (def && !copy.querySelector(`[id="${id}"]`)) defs.append(def.cloneNode(true));
  }
  copy.prepend(defs);
  const style = getComputedStyle(document.documentElement);
  const ground = document.createElementNS('http://www.w3.org/2000/svg', 'rect');
  ground.setAttribute('width', '100%');
  ground.setAttribute('height', '100%');
  ground.setAttribute('fill', style.getPropertyValue('--panel').trim());
  defs.after(ground);
  return new XMLSerializer()
    .serializeToString(copy)
    .replace(
      /var\((--[a-z0-9-]+)\)/g,
      (_m, name: string) => style.getPropertyValue(name).trim() || 'currentColor',
    )
    .replace('<svg ', '<svg font-family="sans-serif" ');
}

/** @throws Error with a sentence when the browser cannot draw it */
export async function saveDrawing(svg: SVGSVGElement, name: string, as: 'svg' | 'png'): Promise<void> {
  const text = svgText(svg);
  if (as === 'svg') {
    download(new Blob([text], { type: 'image/svg+xml' }), `${name}.svg`);
    return;
  }
  const box = svg.viewBox.baseVal;
  const scale = 2;
  const image = new Image();
  const loaded = new Promise<void>((done, fail) => {
    image.onload = () => done();
    image.onerror = () => fail(new Error('The drawing could not be turned into a picture. Save it as SVG.'));
  });
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(text)}`;
  await loaded;
  const canvas = document.createElement('canvas');
  canvas.width = box.width * scale;
  canvas.height = box.height * scale;
  const c = canvas.getContext('2d');
  if (!c) throw new Error('This browser gives no canvas. Save it as SVG.');
  c.drawImage(image, 0, 0, canvas.width, canvas.height);
  const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/png'));
  if (!blob) throw new Error('The picture could not be made. Save it as SVG.');
  download(blob, `${name}.png`);
}
