/**
 * The relay of rooms. It hands on what the teacher says to the class and what a
 * learner answers to the teacher, keeps nothing on disk, and never hands one
 * learner's answer to another. Several processes are one relay with the Redis
 * adapter (`REDIS_URL`).
 */
import { createHash } from 'node:crypto';
import type { Server as HttpServer } from 'node:http';
import type { ClassConstructor } from 'class-transformer';
import { Server, type Socket } from 'socket.io';
import { validateAs } from '~core/records/validate';
import {
  ANSWER_SIZE,
  AnswerMessage,
  CONTENT_SIZE,
  JoinMessage,
  OpenMessage,
  TellMessage,
  type Answered,
} from '~core/room/messages';
import { Bucket, Buckets } from './limits';
import { Register, type OpenRoom } from './register';

export interface RoomOptions {
  /** True where a request from this host and origin may come in. */
  readonly allows: (host: string, origin: string | undefined) => boolean;
  /** Where Redis is, for several processes. */
  readonly redis?: string | undefined;
}

/** Who a connection is: the teacher of a room, or a learner in it. */
interface Who {
  code?: string;
  teacher?: boolean;
  member?: string;
}

type Reply = (answer: Answered<object>) => void;

const no = (message: string) => ({ ok: false, message }) as const;
const yes = <More extends object>(more: More) => ({ ok: true, ...more }) as const;

/** Wrong codes that one address may try at once, and each second after that. */
const wrongCodes = { most: 20, perSecond: 20 / 60 };
/** A whole school may come in from one address. */
const arrivals = { most: 500, perSecond: 50 };

const teacherRoom = (code: string) => `teacher ${code}`;
const classRoom = (code: string) => `class ${code}`;
const memberRoom = (code: string, member: string) => `member ${code} ${member}`;

/** The public id of a learner: from her key, which nobody can find from it. */
const memberOf = (code: string, key: string) =>
  createHash('sha256').update(`${code} ${key}`).digest('base64url').slice(0, 16);

/** Two Redis connections behind the adapter; closed with the server. */
async function redisAdapter(io: Server, url: string): Promise<() => Promise<void>> {
  const [{ createAdapter }, { createClient }] = await Promise.all([
    import('@socket.io/redis-adapter'),
    import('redis'),
  ]);
  const publish = createClient({ url });
  const subscribe = publish.duplicate();
  for (const client of [publish, subscribe]) {
    // It connects again by itself; meanwhile the rooms of this process go on.
    client.on('error', (error: Error) => console.error(`Redis: ${error.message}`));
  }
  await Promise.all([publish.connect(), subscribe.connect()]);
  io.adapter(createAdapter(publish, subscribe));
  return async () => {
    await Promise.all([publish.quit(), subscribe.quit()]).catch(() => undefined);
  };
}

/** Starts the relay on a server; what it answers with closes it again. */
export async function attachRoom(
  server: HttpServer,
  { allows, redis }: RoomOptions,
): Promise<() => Promise<void>> {
  const io = new Server(server, {
    serveClient: false,
    // What the teacher sends the class is the largest thing; what a learner sends is looked at below.
    maxHttpBufferSize: CONTENT_SIZE + 100_000,
    pingInterval: 15_000,
    pingTimeout: 20_000,
    allowRequest: (request, done) => {
      done(null, allows(request.headers.host ?? '', request.headers.origin));
    },
  });
  const closeRedis = redis ? await redisAdapter(io, redis) : undefined;
  const register = new Register();
  const wrong = new Buckets(wrongCodes.most, wrongCodes.perSecond);
  const coming = new Buckets(arrivals.most, arrivals.perSecond);

  // Processes tell each other which rooms there are.
  io.on('opened', (room: OpenRoom) => register.learn(room));
  io.on('closed', (code: string) => register.close(code));
  io.on('which', () => register.all().forEach((room) => io.serverSideEmit('opened', room)));
  if (redis) io.serverSideEmit('which');

  io.on('connection', (socket: Socket) => {
    const who = socket.data as Who;
    const address = socket.handshake.address;
    const bucket = new Bucket(200, 60);

    /** Hands a call on where it comes at a fair pace and is of the shape it should be. */
    const on = <Message extends object>(
      event: string,
      shape: ClassConstructor<Message>,
      most: number,
      work: (message: Message) => Answered<object>,
    ) => {
      socket.on(event, (given: unknown, reply: unknown) => {
        const say: Reply = typeof reply === 'function' ? (reply as Reply) : () => undefined;
        if (!bucket.take()) return say(no('Too much at once. It is tried again in a moment.'));
        if (JSON.stringify(given ?? null).length > most)
          return say(no('This is too long to send.'));
        const checked = validateAs(shape, given);
        if (!checked.ok) return say(no(checked.problems[0]?.text ?? 'This cannot be read.'));
        return say(work(checked.value));
      });
    };

    on('open', OpenMessage, 1000, ({ secret, code }) => {
      if (!coming.take(address)) return no('Too many rooms at once. Try again in a minute.');
      const room = register.open(secret, code);
      if (!room) return no('This server has as many rooms as it can hold. Close one first.');
      who.code = room.code;
      who.teacher = true;
      void socket.join(teacherRoom(room.code));
      if (redis) io.serverSideEmit('opened', room);
      // Who is there says so again: she may have come in while the teacher was away.
      io.to(classRoom(room.code)).emit('told', { kind: 'hello', body: {} });
      return yes({ code: room.code });
    });

    on('tell', TellMessage, CONTENT_SIZE, ({ to, kind, body }) => {
      const { code, teacher } = who;
      if (!code || !teacher) return no('Only who opened the room can say this.');
      register.seen(code);
      const target = to === undefined ? classRoom(code) : memberRoom(code, to);
      io.to(target).emit('told', { kind, body });
      if (kind === 'away' && to !== undefined) io.in(target).disconnectSockets(true);
      return yes({});
    });

    socket.on('close', (reply: unknown) => {
      const { code, teacher } = who;
      if (code && teacher) {
        io.to(classRoom(code)).emit('told', { kind: 'closed', body: {} });
        register.close(code);
        if (redis) io.serverSideEmit('closed', code);
      }
      if (typeof reply === 'function') (reply as Reply)(yes({}));
    });

    on('join', JoinMessage, 2000, ({ code, key, name }) => {
      if (!coming.take(address)) return no('Too many come in at once. It is tried again.');
      if (!register.has(code)) {
        if (!wrong.take(address)) return no('Too many codes were tried. Wait a minute.');
        return no('There is no room with this code. Look at the board again.');
      }
      const member = memberOf(code, key);
      who.code = code;
      who.member = member;
      void socket.join([classRoom(code), memberRoom(code, member)]);
      io.to(teacherRoom(code)).emit('joined', { member, name });
      return yes({ member });
    });

    on('answer', AnswerMessage, ANSWER_SIZE, (answer) => {
      const { code, member } = who;
      if (!code || !member) return no('Come into the room first.');
      io.to(teacherRoom(code)).emit('answer', { member, answer });
      return yes({});
    });

    socket.on('disconnect', () => {
      const { code, member } = who;
      if (code && member) io.to(teacherRoom(code)).emit('left', { member });
    });
  });

  return async () => {
    await io.close();
    await closeRedis?.();
  };
}
