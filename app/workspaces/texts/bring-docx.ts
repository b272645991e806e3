import { t } from '~/phrases/t'; /** A DOCX file (ECMA-376) as HTML; the reader is large and comes when it is asked for. */
export interface DocxRead {
  readonly html: string;
  readonly notes: string[];
}

/** @throws Error with a sentence for the teacher where the file is broken */
export async function readDocx(file: File): Promise<DocxRead> {
  const { default: mammoth } = await import('mammoth');
  try {
    let pictures = 0;
    const result = await mammoth.convertToHtml(
      { arrayBuffer: await file.arrayBuffer() },
      {
        convertImage: mammoth.images.imgElement(() => {
          pictures += 1;
          return Promise.resolve({ src: '' });
        }),
      },
    );
    const kinds = new Set(
      result.messages
        .map(({ message }) =>
          /Unrecognised (?:paragraph|run) style: '?([^'(]+)/.exec(message)?.[1]?.trim(),
        )
        .filter((style) => style !== undefined),
    );
    return {
      html: result.value.replace(/<img[^>]*>/g, ''),
      notes: [
        ...(pictures > 0 ? [t('texts.leftOutPicture', { count: pictures })] : []),
        ...(kinds.size > 0
          ? [t('texts.readAsPlainTextThe', { value: [...kinds].join(', ') })]
          : []),
      ],
    };
  } catch {
    throw new Error(t('texts.cannotBeOpenedAsA', { name: file.name }));
  }
}
