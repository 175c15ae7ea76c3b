import { describe, expect, it } from 'vitest'
import { stepped } from './step'

describe('a small step of a length', () => {
  it.each([
    ['12 cm', true, '12.1 cm'],
    ['12 cm', false, '11.9 cm'],
    ['0', true, '0.1 cm'],
    ['−3,5 cm', true, '-3.4 cm'],
    ['7 mm', true, '8 mm'],
    ['1.2 m', true, '1.201 m'],
    ['5/8 in', true, '0.75 in'],
    ['1 1/2 in', false, '1.375 in'],
    ['2½"', true, '2.625 in'],
    ['lots', true, 'lots'],
    ['', true, ''],
  ])('%s, up %s: %s', (text, up, next) => {
    expect(stepped(text, up)).toBe(next)
  })

  it('takes a bare number in the household’s unit', () => {
    expect(stepped('2', true, 'INCH')).toBe('2.125 in')
  })
})
