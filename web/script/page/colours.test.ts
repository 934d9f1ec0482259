import { afterEach, describe, expect, it } from 'vitest';
import { coloursAround } from './colours';

/** An element in a page whose body has these colours. */
const around = (color: string, background: string) => {
  document.body.style.color = color;
  document.body.style.backgroundColor = background;
  const place = document.createElement('p');
  place.style.color = color;
  document.body.append(place);
  return coloursAround(place);
};

describe('colours taken from the page', () => {
  afterEach(() => {
    document.body.innerHTML = '';
    document.body.removeAttribute('style');
  });

  it('are the words’ and the ground’s where they can be read', () => {
    expect(around('rgb(30, 30, 30)', 'rgb(250, 240, 230)')).toEqual({
      ink: 'rgb(30 30 30)',
      ground: 'rgb(250 240 230)',
      star: '#8a5a00',
    });
    expect(around('rgb(240, 240, 240)', 'rgb(16, 20, 24)')).toEqual({
      ink: 'rgb(240 240 240)',
      ground: 'rgb(16 20 24)',
      star: '#e9b44c',
    });
  });

  it('are black or white where the page’s own words cannot be read', () => {
    // #777 on white has 4.48 to 1, just too little (WCAG 2.2, understanding 1.4.3)
    expect(around('rgb(119, 119, 119)', 'rgb(255, 255, 255)').ink).toBe('rgb(0 0 0)');
    expect(around('rgb(118, 118, 118)', 'rgb(255, 255, 255)').ink).toBe('rgb(118 118 118)');
    expect(around('rgb(20, 20, 20)', 'rgb(10, 10, 10)').ink).toBe('rgb(255 255 255)');
  });

  it('suppose a dark page where light words stand on nothing', () => {
    expect(around('rgb(255, 255, 255)', 'transparent').ground).toBe('rgb(0 0 0)');
  });
});
