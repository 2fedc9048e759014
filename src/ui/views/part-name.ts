/** What a part is called; by its id where nobody named it. */
interface Parts {
  readonly parts: readonly { readonly id: string; readonly name?: string | undefined }[];
}

export const partName = ({ parts }: Parts, id: string): string => parts.find((p) => p.id === id)?.name ?? id;
