import { index, route, type RouteConfig } from '@react-router/dev/routes';

export default [
  index('routes/home.tsx'),
  route('classes', 'routes/classes.tsx'),
  route('classes/:classId', 'routes/class.tsx'),
  route('words', 'routes/words.tsx'),
  route('lists/:listId', 'routes/list.tsx'),
  route('classes/:classId/sequence', 'routes/sequence.tsx'),
  route('speech', 'routes/speech.ts'),
  route('meaning', 'routes/meaning.ts'),
  route('lessons', 'routes/lessons.tsx'),
  route('lessons/new', 'routes/new-lesson.tsx'),
  route('lessons/:lessonId', 'routes/lesson.tsx'),
  route('lessons/:lessonId/add', 'routes/gallery.tsx'),
  route('texts', 'routes/texts.tsx'),
  route('texts/:textId', 'routes/text.tsx'),
  route('shelf', 'routes/shelf.tsx'),
  route('demo', 'routes/demo.tsx'),
  route('print', 'routes/print.tsx'),
  route('pdf', 'routes/pdf.ts'),
  route('png', 'routes/png.ts'),
  route('*', 'routes/not-found.tsx'),
] satisfies RouteConfig;
