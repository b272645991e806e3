/** Tells the tags of HTML from a sign that only means “less than”. */

/** Elements of the HTML Living Standard, 4.2 to 4.13, and older ones that files still have. */
const elements = new Set(
  'a abbr acronym address area article aside audio b base bdi bdo big blockquote body br button canvas caption center cite code col colgroup data datalist dd del details dfn dialog div dl dt em embed fieldset figcaption figure font footer form frame frameset h1 h2 h3 h4 h5 h6 head header hgroup hr html i iframe img input ins kbd label legend li link main map mark math menu meta meter nav noscript object ol optgroup option output p param picture pre progress q rp rt ruby s samp script search section select slot small source span strike strong style sub summary sup svg table tbody td template textarea tfoot th thead time title tr track tt u ul var video wbr g path rect circle line polyline polygon text defs use'.split(
    ' ',
  ),
);

/** A name, then attributes whose values may hold anything in quotes; so far on that no tag is longer. */
const tag = /<(\/?)([a-z][a-z0-9]*)(?=[\s/>])(?:"[^"]{0,2000}"|'[^']{0,2000}'|[^<>"']){0,500}>/iy;
/** The source with every bare < written as a text means it, and every tag left as it is. */
export function keepBareSigns(html: string): string {
  let out = '';
  let from = 0;
  for (let at = html.indexOf('<'); at !== -1; at = html.indexOf('<', at + 1)) {
    const next = html[at + 1] ?? '';
    if (next === '!' || next === '?') continue;
    tag.lastIndex = at;
    const name = tag.exec(html)?.[2]?.toLowerCase();
    if (name !== undefined && elements.has(name)) continue;
    // What holds a colon is a word processor's own tag.
    if (/^\/?[a-z]+:[a-z]/i.test(html.slice(at + 1, at + 20))) continue;
    out += `${html.slice(from, at)}&lt;`;
    from = at + 1;
  }
  return out + html.slice(from);
}
