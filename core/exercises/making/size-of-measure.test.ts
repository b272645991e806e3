import { expect, test } from 'vitest';
import { sizeOfMeasure } from './size-of-measure';

// Units by the International System of Units; decimal comma and order of sign and sum: common practice.
test.each([
  ['37', 'number', 37],
  ['12,000', 'number', 12_000],
  ['1 250', 'number', 1250],
  ['3,7', 'number', 3.7],
  ['−4 °C', 'temperature', -4],
  ['3,7 mm', 'length', 0.0037],
  ['3.7 mm', 'length', 0.0037],
  ['2,05 m', 'length', 2.05],
  ['3,7 мм', 'length', 0.0037],
  ['250 г', 'mass', 0.25],
  ['12 %', 'number', 0.12],
  ['£2.50', 'money in £', 2.5],
  ['2,50 €', 'money in €', 2.5],
  ['€2.50', 'money in €', 2.5],
  ['1 250 ₽', 'money in ₽', 1250],
  ['15p', 'money in £', 0.15],
  ['3/4', 'number', 0.75],
  ['2 ½ km', 'length', 2500],
])('%s', (text, of, amount) => {
  const size = sizeOfMeasure(text);
  expect(size?.of).toBe(of);
  expect(size?.amount).toBeCloseTo(amount, 9);
});

test.each(['4 июля', '7:45', '3 parsec', 'seven', '', '€'])('%s has none', (text) => {
  expect(sizeOfMeasure(text)).toBeUndefined();
});
