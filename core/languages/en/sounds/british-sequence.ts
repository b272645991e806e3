/**
 * Wordane's own default sequence for Southern British English, in
 * common-practice order: single letters, consonant digraphs, one spelling of
 * each vowel (r is a vowel sign here: ar, or, ur, air, ear), blends, the other
 * spellings, then endings and rare spellings. The content is that of the
 * National Curriculum in England, English Appendix 1: Spelling (2013), years 1
 * to 4; the order is ours. Rows as in `parseSteps`.
 */
import { parseSteps } from './parse-steps';
import type { Sequence } from './sequence';

const rows = `
s a t p; s=S a=AE t=T p=P / a I
i n m d; i=IH n=N m=M d=D / the
g o c k; g=G o=OH c=K k=K / to
ck e u r; ck=K e=EH u=AH r=R / no go
h b f l; h=HH b=B f=F l=L / of into
ff ll ss; ff=F ll=L ss=S / is as has his
j v w x; j=JH v=V w=W x=K+S / was
y z zz qu; y=Y z=Z zz=Z qu=K+W / you your
sh ch; sh=SH ch=CH / she he
th ng nk; th=TH th=DH ng=NG n=NG / they be me we
doubled letters and s that says z; s=Z bb=B dd=D gg=G mm=M nn=N pp=P rr=R tt=T cc=K / my by all
ai; ai=EY / are
ee; ee=IY / said have
igh; igh=AY / want
oa; oa=OW / from some come
oo; oo=UW oo=UH / put pull push full
ar or; ar=AA or=AO / were there
ur er; ur=ER er=AH er=ER / one once
ow oi; ow=AW oi=OY / do
ear air ure; ear=IA air=EA ure=AO ure=UA ure=Y+UA ear=IA+R air=EA+R / what who
two consonants at the end; #final-blend / could would should
two consonants at the start; #initial-blend / live give like make
-ed, and short forms like I'm; 't=T 'm=M 's=S 's=Z 'll=L 've=V 'd=D n=AH+N ed=T ed=D d=T d=D / little
ay; ay=EY / says today away
ou; ou=AW / out our
ie ea e; ie=AY ea=IY e=IY / people their
oy ir; oy=OY ir=ER / where
ue aw; ue=UW ue=Y+UW aw=AO / when
wh ph; wh=W ph=F / which
ew oe au; ew=UW ew=Y+UW oe=OW au=AO / through
ey y; ey=IY y=IY y=AY / any many
a–e; a_e=EY / great
e–e i–e; e_e=IY i_e=AY / eye
o–e u–e; o_e=OW u_e=UW u_e=Y+UW / goes does
unstressed vowels; a=AH e=AH i=AH o=AH u=AH e=IH a=IH ai=AH / because about
ow in snow; ow=OW / how
soft c; c=S ce=S se=S se=Z / use
soft g; g=JH ge=JH dge=JH / only
tch ve; tch=CH ve=V ze=Z te=T / water
are ear in care and bear; ar=EA+R ear=EA+R are=EA ear=EA ere=EA ar=EA a=EA / pretty
ore oor our; ore=AO oor=AO our=AO oar=AO or=AO+R ore=AO+R / four
long vowels at the end of a syllable; a=EY i=AY o=OW u=UW u=Y+UW u=Y+AH u=Y+UH u=Y+UA u=UA / been
a before l and w changes a; a=AO al=AO a=OH ar=AO or=ER al=AA / walk talk
a in bath and father; a=AA / half
o in mother, ou in young; o=AH ou=AH oo=AH me=M ne=N / both
ea in bread; ea=EH ai=EH ie=EH / friend
eer ere; eer=IA ere=IA ear=ER e=IA er=IA er=IA+R eer=IA+R / we're
-le -al -el; le=AH+L le=L / people
or ar er endings; er=R or=R ur=AH ur=AH+R orr=AH+R urr=AH+R err=AH+R or=AH ar=AH er=AH+R or=AH+R ar=AH+R our=AH re=AH ure=AH / laugh
kn wr gn mb; kn=N wr=R gn=N mb=M / write know
-tion -sion; ti=SH si=SH ssi=SH ci=SH si=ZH s=ZH ti=CH / together
-ture -sure; ure=Y+AO t=CH s=SH ss=SH di=JH d=JH / picture
eigh ei ey; eigh=EY ei=EY ey=EY ea=EY / eight
ie ey i; i_e=IY ie=IY ei=IY i=IY / busy
gh; gh=F gh=G / whole
ough augh; ough=AO augh=AO ough=OH ough=AH ough=OW ough=UW ough=AW / thought
silent letters; st=S sc=S bt=T h= wh=HH mn=M lm=M rh=R l= t= d= p= / island
ch in school, que gue; ch=K ch=SH que=K gue=G gu=G x=G+Z xc=K+S / machine
u in put, o in wolf; o_e=UW u=UH o=UH ou=UH oul=UH o=UW ou=UW ui=UW oe=UW / build
prefixes un- re- dis- mis-; de=D pe=P ke=K the=DH fe=F le=L er=ER+R ur=ER+R ir=ER+R / disappear
suffixes -ly -ful -less -ness -ment; io=AH ia=AH ie=IH ea=IA ye=AY / beautiful
y in gym, ui in build; y=IH ui=IH u=IH ei=IH ai=IH u_e=IH / business
-ous -ious -cial; iou=IA iu=IA ie=IA c=SH ou=AH iou=AH eou=AH sci=SH ce=SH xi=K+SH / famous
ire our ower; ire=AY+AH our=AW+AH ower=AW+AH er=AH / hour
i in onion, u in penguin; i=Y u=W y=AH j=Y gi=JH ia=IA io=IA eo=IA / their
rare spellings; ho=OH gg=JH sw=S ss=Z ear=AA uar=AA uy=AY ou=OW our=AH+R ur=AO+R eau=Y+UW oa=AO you=Y+UW eye=AY owe=OW ol=OW ow=OH er=AA oh=OW ir=AY+AH+R ayer=EA a= o= eau=OW et=EY ps=S pn=N eigh=AY ei=AY y_e=AY is=AY au=OH au=AA au=OW eo=EH u=EH a=EH ae=IY eo=IY olo=ER yr=ER our=ER eur=ER ou=OH oar=AO eu=UW eu=Y+UW iew=Y+UW aigh=EY ao=AO awe=AO heir=EA / colonel
`;

export const britishSequence: Sequence = {
  id: 'wordane-british',
  name: 'Wordane default, British',
  steps: parseSteps(rows),
};
