/**
 * The grapheme-phoneme correspondences of English, weighted by how far each is
 * from the main spelling of its sound: main 0, common up to 0.5, less common
 * 0.6 to 1, rare 1.2 to 2, one-off 2.5 and more.
 *
 * Each line is `phonemes  grapheme:cost[,context…]`. Contexts restrict where a
 * correspondence may stand; they are explained at `Context`. The order of
 * teaching the common ones agrees with the phoneme–grapheme tables of the
 * Common Core State Standards, ELA Appendix A (2010).
 */
import { accents, type Accent } from '../../../kernel/accent';
import { deriveBritish } from './british-correspondences';
import type { Correspondence, PlainCorrespondence } from './correspondence';

export type { Context, Correspondence, PlainCorrespondence } from './correspondence';
import type { Phoneme } from './phonemes';

const table = `
B     b:0 bb:0 bu:1.2 pb:2 bh:2 be:1.2,tail
CH    ch:0 tch:0 t:.8,next=u t:1.3,next=ieya ti:1 te:1.4,next=o si:1.4,open c:2.5 cz:2.5 che:1.2,end
D     d:0 dd:0 ed:.2,end dh:1.5 de:.9,tail 'd:.2 ddh:2 bd:3
DH    th:0 the:.4,tail
F     f:0 ff:0 ph:.1 gh:.8 fe:.7,tail ffe:.6,tail ft:1.5 pph:2 lf:1.6 phe:1.2,tail
G     g:0 gg:0 gh:.8 gu:.6,front gue:.5,tail gge:1.5,tail ckg:3 gu:1.4,next=a
HH    h:0 wh:.6 j:2 g:3 x:3
JH    j:0 g:.1,front ge:.1,tail dge:0,tail dg:.3,front dg:.6,next=m gg:1.5,front dj:.9 d:1,next=u di:1.5 gi:.7,next=ao ge:.5,next=aou ch:2.5 dge:.7,open d:2,next=ei g:2.5
K     c:0,back k:0 ck:0 ch:.6 cc:.3,back que:.3,tail qu:.8 q:1.2 kk:.8 cch:2 cqu:2.4 ke:1,tail kh:1.2 cu:1.6 lk:1.6 che:1.2,tail cch:2 cque:1.5 x:2.6,next=c kg:3 cc:2 ke:2 c:3
K|S   x:0 xe:.4,tail xc:.5,front xs:1.5 xh:1 
K|SH  xi:.7,open x:1,next=u
G|Z   x:.1 xh:.7
G|ZH  x:1.3,next=u xi:1.5
K|W   qu:0 cqu:.6 ch:2.8
K|Y   cu:2.9
L     l:0 ll:0 le:.3,tail lle:.5,tail 'll:.2 lh:2 ln:3 sl:1.9 
AH|L  le:.1,postcons,tail l:1.4,postcons,next=iye 'll:.4 l:2.2,postcons,end le:1.4,postcons
NG|K  ng:1.2
M     m:0 mm:0 mb:.3 mn:.3,tail me:.5,tail mme:.9,tail gm:1 lm:1.3 'm:.2 mp:2.4 chm:3
AH|M  m:.6,prev=sh m:1.2,prev=t 'em:1
N     n:0 nn:0 kn:0 gn:.3 ne:.5,tail pn:1.2 mn:2 nd:1.4 ln:2 nne:.8,tail gne:.8,tail dne:2 nh:2 nt:2.6 mp:3 nw:3 cn:3
AH|N  n:1.2,next=' n:2.4,postcons,end
N|Y   gn:1.2 ñ:0
NG    ng:0 n:.1,velar n:.1,next=xkqgc ngue:.6,tail nd:2.5 nc:2 ngh:1.5 ng:.2
P     p:0 pp:0 pe:.7,tail ph:2.5 ppe:.9,tail bp:2.5 gh:3
R     r:0 rr:0 wr:0 er:.9,open or:1.1,open ar:1.1,open ur:1.3,open rh:.6 rrh:1 re:1.6,tail l:3 lo:3.2
S     s:0 ss:0 c:.1,front ce:.1,tail se:.1,tail sc:.4,front sc:.5,next=l st:.5,next=le ps:.8,start sse:.5,tail sw:1 sch:2.5 cc:2.5 z:1,prev=tl ze:1.4,tail,prev=t ce:.4,next=ao sce:.8,tail 's:.2 s':.2 ts:2.2 sth:2.6 st:1.2,next=m z:1.6,end 'c:3 cs:2 sc:1.4 tz:2.6 c:2.6
T|S   zz:1 z:1.3 ts:3 tz:.9
SH    sh:0 ti:.1,open ci:.2,open ch:.8 s:.9,next=u s:2,next=i ss:.8,next=u si:.7,open ssi:.3,open sci:.9,open ce:1,next=a ce:.8,next=o che:.8,tail sch:1 c:1.3,next=i t:.9,next=i sc:1.8 chs:2.5 shi:1 se:2.2,open c:1.6 ch:.8 sch:1.2 psh:2 she:1.4,tail s:2.4
T     t:0 tt:0 ed:.2,end te:.5,tail th:1.5 bt:.5 pt:.8 ct:1 tte:.4,tail tw:.8 cht:1.8 't:.2 d:.1,split d:2.6 phth:3 ght:1.8 z:3 dt:1.5 tth:2.4 ts:2.8 st:3
TH    th:0 tth:1.8 h:2.6,prev=t the:1.8,tail phth:2.4
T|TH  th:1
D|TH  dth:.8
V     v:0 ve:0,tail vv:.8 f:1.5 ph:2 lv:1.6 've:.2 ve:.9,next=ra
AH|V  've:.4
AH|D  'd:.5
IH|D  'd:.6
W     w:0 wh:0 u:.4,prev=gsqc hu:2.5 ju:2.5 ou:2 o:2.4 wh:.1
HH|W  wh:.05 ju:2 hu:2
Y     y:0 i:.5,open j:1.4 ll:2.2 e:1.6,open
Y|UW  u:.1 u_e:0 ue:.1,tail ew:.2 eu:.7 iew:.8 eau:1 ui:1.5 uu:2.5 ieu:2 eue:1.5 ugh:2.5 yu:.9 you:.5 u:.05 ewe:1,end yew:.9 hu:2.4 ewe:1.4
Y|AH  u:.3 eu:2 ou:1.8 io:2.4
Y|UH  u:.3 eu:1.2 
Y|UH|R ure:.3,tail eur:.6 ur:.5,shut ure:.8
Y|ER  ur:.4 ure:.3,tail eur:1 ure:.9
Y|OW  eo:2.8
ZH    s:.5,next=ui si:.3,open ge:.5,tail g:.9,front z:1.3,next=u zi:1.3 ti:1.4,open j:1.6 t:2.6 s:1.8 ssi:2 ge:1.2 gi:1.4 zh:1 sh:2.4
Z     z:0 zz:0 s:.1 se:.2,tail ze:.2,tail ss:1 x:.8,start 's:.2 s':.25 sc:2.4 cz:2 zze:1 sth:3 ce:2.6,tail thes:3 si:1.8 x:1.8 sp:2.6 
AA    o:.1 a:.3 ah:.4,shut al:.5,next=mv al:1.2 au:1 aw:1 awe:1.2 ough:1.2 aa:1 e:1.6 ow:1.8 ou:1.8 oh:1.6 augh:1.4 eau:3 i:3 as:2.8 oa:2 at:2.6,end a_e:1.6 hau:3
AH|W  u:.3,open
Y|AH|W u:.3,open
AA|R  ar:0,shut are:.3,end ear:1.2,shut arr:.4 er:1.8,shut uar:1.2 aar:1 or:1.2,shut arre:1.5 ahr:2 are:.6,tail arrh:2
W|AA  oi:1 o:1.6 oy:2 ois:1.2,end
W|AA|R oir:.6 oire:.7,end
AE    a:0 al:.7,next=fv au:.8 ai:1.8 i:2.6 ea:2 aa:1.5 ah:1.8 ei:3 e:2.6 al:1.7
AO    o:.2 a:.2,next=lu a:.5 aw:0 au:0 augh:.4 ough:.4 al:.2,next=kc al:1 oa:1 ou:.9 awe:.6 ao:1.6 ah:1.4 oo:1.8 u:2.4 hau:2 as:3 aul:2 o_e:1.6 eo:2.6 e:2.6
AO|R  or:0,shut ore:.1 oar:.2 oor:.4 our:.4 ar:.3,prev=wu aur:.6 orr:.5 hor:2 orp:2.6 oer:2 awer:1.5 eor:2 orps:2.2,end arr:1.2,prev=wu ort:2.8
AH    u:0 a:.1 e:.2 i:.3 o:.1 ou:.5 oo:1 ai:.7 ea:.9 io:.8 ia:.8 ie:.9 eo:1 ei:1 oi:1.1 au:1.1 ah:.6,shut y:.8 ua:1.3 oe:1.5 ough:1.2 eou:1 iou:1 he:1.8 eu:1.6 ay:1.7 ui:1.7 igh:3 he:2 ue:1.8 oa:1.8 ow:1.9 aa:1.8 ey:2 ho:2.4 hi:2 ae:1.5 hei:3 oh:1.4,end wo:2.6 eau:2 ha:2.2
ER    er:0 ir:0 ur:0 or:.2 ar:.3 ear:.3 our:.6 re:.3,postcons,tail ure:.3,tail eur:.8 yr:.8 err:.5 urr:.3 irr:.6 orr:.6 arr:.9 oar:1 olo:2 eir:1.4 ere:.7,tail yrrh:2.4 ro:1.8,prev=i ire:1 ior:1 ier:.8 eor:1.6 ure:.6 aur:1.8 r:2.2,prev=iaeouw r:2.6 rar:2.8 her:1.7 oor:1.8 air:2.6 eer:2.4 oir:2 uer:1.2 ore:1.8 are:2 ro:2.6 wer:1.6 uor:1.4
W|ER  or:2.6
EH    e:0 ea:.3 a:.9 a:.15,next=r ai:.7 ie:1.1 eo:1.1 u:1.8 ei:.9 ae:1.3 ay:1.6 oe:1.8 ue:2.4 hei:2 ee:2.4 eh:1 e_e:2.6 i:2.4 eu:2.6 he:2.6
EH|R  air:0 are:.1,tail ear:.2 ere:.3,tail eir:.4 ar:.6,shut aer:.7 er:.8,shut ayer:1.1 ayor:1 aire:.6 heir:1.5 err:.7 eyr:1.6 aire:.9 eur:2.6 ere:.9 ey're:.6
EY    a:.15 a_e:0 ai:0 ay:0 ei:.5 eigh:.2 ey:.5 ea:.8 e:1 et:.9,end ee:1.3 ae:1.2 aigh:.8 au:1.9 e_e:1.4 ier:1.8,end eh:1.6 ez:1.8 er:2.2,end aye:1.5 é:.6 es:2.8 i:2.8 ae:1.3 ao:2.8 ée:.8 aye:1.6 alf:3 
AH|EY ae:2.9
IH    i:0 y:.2 e:.35 a:.7 ui:.5 u:1.4 ee:1.1 ie:.9 ia:.8 ai:.8 ei:.8 o:1.9 ea:1.5 ey:1.4 hi:1.5 ay:1.6 oi:1.7 he:1.9 io:2 ae:1.8 igh:2.6 u_e:1.9 ee:1.2 eo:2.4 uy:2.6
IH|R  ear:.1 eer:0 ere:.1,tail ier:.3 eir:.6 er:.7,shut ir:.8,shut yr:1.2,shut ere:.6 eyr:1.8 eor:1.8 e're:.4
IY|R  ear:.1 eer:0 ere:.1,tail ier:.3 eir:.6 er:.8,shut ir:1,shut yr:1.4,shut ere:.6 eyr:1.8 iere:1.4
IY    e:.2 ee:0 ea:0 y:.1 ie:.2 e_e:0 ei:.4 ey:.3 i:.4 i_e:.4 eo:1.3 ae:1 oe:1 ay:1.4 is:1.6,end ia:2.6 it:2.6,end eigh:1.8 ui:2.6 uay:2 ois:2.6 hy:2.4 ease:3 a:2.2 i:.4 eye:2.4 o:3 he:2.4 hi:2.4 a_e:2.8 e_e:.1 egh:3
AY    i:.1 i_e:0 igh:0 y:0 ie:.1 y_e:.1 ye:.3 eye:.7 ei:.9 ai:1.3 ay:1.4 uy:.7 is:1.3 ia:1.5 eigh:.5 aye:1.1 oy:2.6 ui:2.4 ais:1.6 igh:0 e:2.6 a:3 hi:2.4 hy:2.6 ig:2.9 yi:1.6
AY|ER ire:.1,tail yre:.3,tail ier:.9 iar:.9 oir:1.6 yer:.9 ir:1.2 ire:.5 igher:1.4 ior:.9 yr:1.4 iro:2.6 
W|AY|ER oir:1.6
AW    ou:0 ow:0 ough:.6 au:1.2 aou:2 ao:1.8 owe:1.8 
AW|ER our:.2 ower:.8 
AW|R  our:.4
OW    o:.1 o_e:0 oa:0 ow:0 oe:.1 ew:1.8 ou:.6 ough:.5 eau:.9 owe:.8 oh:.6 au:1.1 oo:1.6 ol:.5,next=k ol:1.6 eo:1.8 ot:1.8 os:2.4,end aux:1.8 oat:3 aut:3 eaux:1.8 aoh:2.6 a:2.6 oh:.7 u:2.6 ao:2 eou:2.6 ho:2.4
OY    oi:0 oy:0 uoy:1.4 eu:1.6 aw:2.6 ois:2.8 
UH    oo:0 u:.2 ou:.8 oul:.3,next=d o:1.1 or:2.6 eu:1.8 ui:2.6 ue:2.4 
UH|R  ure:.2,tail oor:.3 our:.4 ur:.4,shut eur:.9 ewer:1.4 uer:2 oer:2.4 ure:.7 our:.4 urr:.9
UW    oo:0 u:.2 u_e:0 ue:.1 ew:0 ui:.3 o:.6 ou:.5 ough:.7 oe:.8 eu:.7 o_e:.5 ieu:1.5 ewe:1.4 oup:2.6 ous:2.6 oux:2.6 ooh:1.4 uh:1.8 iew:1.6 wo:1.8 out:3 ooe:1.4 us:2.8 w:2.8 hu:2.6 ieu:1.4 ue:.4 ugh:2.4 eux:2.8 oeu:2
W|AH  o:1.4 oi:2 ua:2.6
`;

/** Letters that can be silent on their own, and what that costs; silence is the last resort. */
const silentLetters =
  "a:4 b:3 c:3 d:3 e:3 f:4 g:3 h:2.4 i:3.6 k:3 l:3 m:4 n:3.4 o:4 p:3 r:3.4 s:3 t:3 u:3.6 w:3 x:4 y:4 z:4 ':3";

/** A correspondence before it has its place in the table. */

function parseEntry(entry: string, phonemes: readonly Phoneme[]): PlainCorrespondence {
  const [grapheme, rest] = entry.split(':') as [string, string];
  const [cost, ...contexts] = rest.split(',') as [string, ...string[]];
  return { grapheme, phonemes, cost: Number(cost), contexts };
}

/** Reads lines of `phonemes  grapheme:cost[,context…]`. */
export function parseLines(lines: string): PlainCorrespondence[] {
  return lines
    .trim()
    .split('\n')
    .flatMap((line) => {
      const [sounds, ...entries] = line.trim().split(/\s+/) as [string, ...string[]];
      return entries.map((entry) => parseEntry(entry, sounds.split('|')));
    });
}

function parseTable(): Correspondence[] {
  const silent = silentLetters.split(' ').map((entry) => parseEntry(entry, []));
  const american = parseLines(table);
  const british = deriveBritish(american, parseLines);
  const inAccents = (entries: readonly PlainCorrespondence[], which: readonly Accent[]) =>
    entries.map((entry) => ({ ...entry, accents: which }));
  return [
    ...inAccents(american, accents),
    ...inAccents(silent, accents),
    ...inAccents(british, ['british']),
  ].map((entry, id) => ({ ...entry, id }));
}

/** Every correspondence of every accent; `id` is the index in this array. */
export const correspondences: readonly Correspondence[] = parseTable();
