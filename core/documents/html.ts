/** A document as one page of HTML that needs nothing beside itself: its pictures are in it. */
import { cellText, pictureName, type DocumentNode, type TableCell } from '../paper/document';

const escaped = (text: string) =>
  text
    .replace(/&/g, '&amp;')
    .replace(/</g, '&lt;')
    .replace(/>/g, '&gt;')
    .replace(/"/g, '&quot;')
    .replace(/\n/g, '<br>');

const STYLE = `
body{font-family:Andika,Verdana,sans-serif;font-size:1.15rem;line-height:1.5;max-width:46rem;margin:2rem auto;padding:0 1rem;color:#111}
h1{font-size:1.6rem;margin:2rem 0 .6rem}h2{font-size:1.25rem}
table{border-collapse:collapse;margin:1rem 0}th,td{border:1px solid #777;padding:.4rem .7rem;text-align:left;vertical-align:top}
ol,ul{padding-left:2rem}li{margin:.6rem 0}img{max-width:9rem;max-height:9rem;vertical-align:middle}
.box{border:1px solid #777;border-radius:.4rem;padding:.5rem .8rem}.line{border-bottom:1px solid #777;height:2.2rem}
.options{list-style:none;padding:0}.page{border:0;border-top:1px dashed #999;margin:2rem 0}
@media print{.page{break-after:page;visibility:hidden;margin:0}body{margin:0 auto}}
`.replace(/\n/g, '');

const lines = (count: number) => '<div class="line"></div>'.repeat(count);

/** The pictures of the page, as data addresses by their names; one that is not there is named in words. */
type Pictures = Readonly<Record<string, string>>;

const picture = (name: string, says: string, pictures: Pictures) =>
  pictures[name] === undefined
    ? `<em>(${escaped(says)})</em>`
    : `<img src="${escaped(pictures[name] ?? '')}" alt="${escaped(says)}">`;

function cell(value: TableCell, tag: 'td' | 'th', pictures: Pictures): string {
  const shown =
    typeof value === 'string' ? '' : picture(value.picture, pictureName(value.picture), pictures);
  return `<${tag}>${shown}${shown === '' || cellText(value) === '' ? '' : ' '}${escaped(cellText(value))}</${tag}>`;
}

function written(node: DocumentNode, pictures: Pictures): string {
  switch (node.kind) {
    case 'title':
      return `<h1>${escaped(node.text)}</h1>`;
    case 'heading':
      return `<h2>${escaped(node.text)}</h2>`;
    case 'text':
      return `<p>${escaped(node.text)}</p>`;
    case 'box':
      return `<p class="box">${node.words.map(escaped).join(' &middot; ')}</p>`;
    case 'item': {
      const shown =
        node.picture === undefined
          ? ''
          : `${picture(node.picture, pictureName(node.picture), pictures)} `;
      const options = (node.options ?? []).map((option) => `<li>&#9744; ${escaped(option)}</li>`);
      return (
        `<ol start="${node.number}"><li>${shown}${escaped(node.text)}` +
        (options.length > 0 ? `<ul class="options">${options.join('')}</ul>` : '') +
        `${lines(node.lines ?? 0)}</li></ol>`
      );
    }
    case 'table': {
      const rows = node.rows.map((row, index) => {
        const tag = node.head && index === 0 ? 'th' : 'td';
        return `<tr>${row.map((each) => cell(each, tag, pictures)).join('')}</tr>`;
      });
      return `<table>${rows.join('')}</table>`;
    }
    case 'picture':
      return `<p>${picture(node.picture, node.name, pictures)}</p>`;
    case 'lines':
      return lines(node.count);
    case 'page':
      return '<hr class="page">';
  }
}

/**
 * @param language BCP 47 tag of what is read
 * @param pictures data addresses by the names of the pictures
 */
export function toHtml(
  nodes: readonly DocumentNode[],
  { title, language, pictures = {} }: { title: string; language: string; pictures?: Pictures },
): string {
  return `<!doctype html>
<html lang="${escaped(language)}">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>${escaped(title)}</title>
<style>${STYLE}</style>
</head>
<body>
<main>
${nodes.map((node) => written(node, pictures)).join('\n')}
</main>
</body>
</html>
`;
}
