/** A picture made small enough to send and to keep: so many pixels to a side, as JPEG. */
const MOST_WIDE = 1600;
const QUALITY = 0.82;

/** Null where it is no picture this browser reads. */
export async function shrunk(file: File): Promise<File | null> {
    try {
        const picture = await createImageBitmap(file, { imageOrientation: 'from-image' });
        const scale = Math.min(1, MOST_WIDE / Math.max(picture.width, picture.height));
        const canvas = document.createElement('canvas');
        canvas.width = Math.max(1, Math.round(picture.width * scale));
        canvas.height = Math.max(1, Math.round(picture.height * scale));
        canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
        picture.close();
        const blob = await new Promise<Blob | null>((done) => {
            canvas.toBlob(done, 'image/jpeg', QUALITY);
        });
        return blob && new File([blob], 'fish.jpg', { type: blob.type });
    } catch {
        return null;
    }
}
