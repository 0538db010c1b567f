const SIDE = 200;

/** Where the photograph that the stone of a piece was traced from is kept until the stone is put in the drawer. */
export function pictureKey(piece: string): readonly string[] {
  return ['stone-picture', piece];
}

/** A picture as large as the drawer shows it, held in its address. */
export async function small(address: string): Promise<string> {
  const picture = new Image();
  picture.src = address;
  await picture.decode();
  const canvas = document.createElement('canvas');
  canvas.width = SIDE;
  canvas.height = SIDE;
  canvas.getContext('2d')?.drawImage(picture, 0, 0, SIDE, SIDE);
  return canvas.toDataURL('image/jpeg', 0.8);
}
