/** A picture drawn anew in the page: smaller, and nothing of what a camera writes beside its pixels. */
const MOST_PX = 1600;

/** The picture on a canvas, at most 1600 px a side. @throws Error with a sentence when the file is no picture */
export async function onCanvas(file: File): Promise<HTMLCanvasElement> {
  const bitmap = await createImageBitmap(file).catch(() => {
    throw new Error(`${file.name} is no picture this browser can read.`);
  });
  const scale = Math.min(1, MOST_PX / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(bitmap.width * scale));
  canvas.height = Math.max(1, Math.round(bitmap.height * scale));
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  return canvas;
}

/** The same as a JPEG file. @throws as onCanvas */
export async function madeSmall(file: File): Promise<Blob> {
  const canvas = await onCanvas(file);
  const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', 0.82));
  if (!blob) throw new Error(`${file.name} could not be made small. Try another picture.`);
  return blob;
}
