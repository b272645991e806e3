/**
 * Wordane's own default sequence, in common-practice order: single letters
 * first, then digraphs and blends, split digraphs and vowel teams, soft c and g,
 * unstressed vowels, silent letters and suffixes, and rare spellings last.
 *
 * A row is: title; correspondences as `grapheme=PHONEMES` (joined by + where a
 * grapheme spells several); then after / the words taught by sight.
 * The sight words are high-frequency words of Dolch (1936), from memory, each at
 * a step before its spelling becomes regular.
 */
import { parseSteps } from './parse-steps';
import type { Sequence } from './sequence';

const rows = `
s a t p; s=S a=AE t=T p=P / a
i n m d; i=IH n=N m=M d=D / I the
g o c k; g=G o=AA o=AO c=K k=K / to
ck e u r; ck=K e=EH u=AH r=R / no go
h b f l; h=HH b=B f=F l=L / of into
ff ll ss; ff=F ll=L ss=S / is as has his
j v w x; j=JH v=V w=W x=K+S / was
y z zz qu; y=Y z=Z zz=Z qu=K+W / you your
sh ch; sh=SH ch=CH / she he
th; th=TH th=DH / they be me we
ng nk; ng=NG n=NG / my by all
doubled letters and s that says z; s=Z bb=B dd=D gg=G mm=M nn=N pp=P rr=R tt=T cc=K / are
two consonants at the end; #final-blend / said have want
two consonants at the start; #initial-blend / from do some come
ee; ee=IY / were there
oo; oo=UW oo=UH / put pull push full two
ar or; ar=AA+R or=AO+R / one once
-ed, and short forms like I'm; 't=T 'm=M 's=S 's=Z 'll=L 've=V 'd=D n=AH+N ed=T ed=D d=T / what who
a–e; a_e=EY / give live like make
i–e; i_e=AY / little could
o–e u–e; o_e=OW u_e=UW u_e=Y+UW e_e=IY / would should
ai; ai=EY / again any many
ay; ay=EY / says today away
y in sky and sunny; y=AY y=IY / when where
ea e; ea=IY e=IY / people their
unstressed vowels; a=AH e=AH i=AH o=AH e=IH / about because
igh ie; igh=AY ie=AY / eye buy
oa ow; oa=OW ow=OW oe=OW / goes does
ou ow; ou=AW ow=AW / how our
oi oy; oi=OY oy=OY / very every
er ir ur; er=ER ir=ER ur=ER er=R / water
aw au al; aw=AO au=AO al=AO a=AO aw=AA au=AA / walk talk
ew ue; ew=UW ue=UW ew=Y+UW ue=Y+UW / through
air are ear; air=EH+R are=EH+R ear=EH+R a=EH / pretty
ear eer; ear=IH+R eer=IH+R ear=IY+R eer=IY+R ere=IH+R ere=IY+R / friend
ore oar oor our; ore=AO+R oar=AO+R oor=AO+R our=AO+R or=AO+R / four
soft c; c=S ce=S se=S se=Z / use
soft g; g=JH ge=JH dge=JH / only
tch ve wh; tch=CH ve=V wh=W ze=Z / which
long vowels at the end of a syllable; a=EY i=AY o=OW u=UW u=Y+UW u=Y+AH u=Y+UH / been
eigh ei ey; eigh=EY ei=EY ey=EY / great
ea in bread; ea=EH ea=EY ai=EH / both
-le and unstressed endings; arr=ER urr=ER orr=ER err=ER u=AH+W le=AH+L le=L or=ER ar=ER a=IH ar=R or=R ur=R / laugh
kn wr gn mb; kn=N wr=R gn=N mb=M / write know
ph gh; ph=F gh=F gh=G / whole
ie ey i; i_e=IY ie=EH ie=IY ey=IY ei=IY i=IY / busy
o in mother, ou in young; ou=AH oo=AH me=M ne=N a=AA o=UW o_e=UW / build
w changes its vowel; our=AW+ER orr=AO+R ar=EH+R re=ER ar=AO+R or=ER ear=ER our=ER / carry
-tion -sion; ti=SH si=SH ssi=SH ci=SH si=ZH s=ZH ti=CH / together
ough augh; ough=AO augh=AO ough=AA augh=AA ough=OW ough=UW ough=AW / thought
-ture -sure; t=CH ure=ER s=SH ss=SH ure=Y+UH+R ure=UH+R / picture
silent letters; st=S sc=S bt=T h= wh=HH mn=M lm=M al=AA al=AE rh=R l= t= / island
ch in school, que gue; ch=K ch=SH que=K gue=G gu=G x=G+Z xc=K+S / machine
prefixes un- re- dis- mis-; te=T de=D pe=P ke=K the=DH fe=F / disappear
suffixes -ly -ful -less -ness -ment; ll=L u=UH / beautiful
y in gym, ui in build; y=IH ui=IH u=IH ai=IH ai=AH ei=IH ie=AH / business
-ous -ious; iou=AH eou=AH io=AH ia=AH sci=SH ce=SH xi=K+SH / famous
ui ou in fruit and soup; ui=UW ou=UW oe=UW eu=UW eu=Y+UW oul=UH ou=OW o=UH / soup
i in onion, u in penguin; i=Y u=W y=AH j=Y gi=JH di=JH d=JH ea=AH our=UH+R er=IH+R eir=EH+R ere=EH+R / their
rare spellings; gg=JH sw=S ss=Z ear=AA+R uar=AA+R uy=AY au=AH iew=Y+UW eau=Y+UW oa=AO you=Y+UW eye=AY aigh=EY owe=OW ol=OW iar=AY+ER ayer=EH+R d= o= a= c=SH ou=AA eau=OW et=EY ps=S pn=N eigh=AY ei=AY y_e=AY ye=AY is=AY au=AE au=OW eo=EH u=EH a=EH e=EY ae=IY oe=IY ire=AY+ER eur=ER yr=ER o=IH ch=K+W olo=ER eo=IY / colonel
`;

export const defaultSequence: Sequence = {
  id: 'wordane-default',
  name: 'Wordane default',
  steps: parseSteps(rows),
};
