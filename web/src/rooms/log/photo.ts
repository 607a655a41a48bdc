const mostPixels = 1600;
const mostBytes = 20_000_000;

/** A photo drawn anew as JPEG: smaller, and without the place, time and camera that it carries. */
export async function jpegOf(file: File): Promise<Blob> {
  if (file.size > mostBytes)
    throw new Error(`${file.name.slice(0, 60)} has ${(file.size / 1e6).toFixed(1)} MB; a photo may have at most 20 MB.`);
  let picture: ImageBitmap;
  try {
    picture = await createImageBitmap(file);
  } catch {
    throw new Error(`${file.name.slice(0, 60)} is no picture that can be read.`);
  }
  const scale = Math.min(1, mostPixels / Math.max(picture.width, picture.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(picture.width * scale);
  canvas.height = Math.round(picture.height * scale);
  canvas.getContext('2d')!.drawImage(picture, 0, 0, canvas.width, canvas.height);
  return new Promise((done, failed) =>
    canvas.toBlob((blob) => (blob ? done(blob) : failed(new Error('The photo could not be made smaller.'))), 'image/jpeg', 0.82),
  );
}
