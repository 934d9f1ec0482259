// what each product's picture shows: a scene on the sill, one entry to a product
import * as D from './draw.mjs';

const f = (n) => +n.toFixed(1);
const BASE = 326;
const shade = (w, x = 214) => D.shadow(x, BASE, w, 0.1);
const WALL = {
  cream: { wall: '#EFE5D0', light: '#F9F2E0' },
  sage: { wall: '#E6EADC', light: '#F4F5EA' },
  sand: { wall: '#F1E3CD', light: '#FBF3E0' },
  mist: { wall: '#E9E5DA', light: '#F7F4E9' },
  rose: { wall: '#F0E0D6', light: '#FAF0E8' },
  sea: { wall: '#DFE6E2', light: '#F1F5F0' },
};
const card = (seed, wall, px, draw) => {
  D.reseed(seed);
  return D.sill(400, 400, 306, { ...WALL[wall], px }) + draw();
};
const poly = (fill, d, more = '') => `<path fill="${fill}" d="${d}" ${more}/>`;
const stroke = (color, width, d) =>
  `<path fill="none" stroke="${color}" stroke-width="${width}" stroke-linecap="round" stroke-linejoin="round" d="${d}"/>`;
const circle = (x, y, r, fill) => `<circle cx="${f(x)}" cy="${f(y)}" r="${f(r)}" fill="${fill}"/>`;
const ellipse = (x, y, rx, ry, fill) =>
  `<ellipse cx="${f(x)}" cy="${f(y)}" rx="${f(rx)}" ry="${f(ry)}" fill="${fill}"/>`;

function blossom(x, y, r, petals, fill, heart) {
  let d = '';
  for (let i = 0; i < petals; i++) d += D.round(x, y, (i * 2 * Math.PI) / petals, r, r * 0.42);
  return poly(fill, d) + circle(x, y, r * 0.26, heart);
}

// a paper packet with a drawn front
function packet(paper, band, front) {
  const d = 'M136 118h130l6 14v190q-70 7-142 0V132z';
  return (
    shade(170, 210) +
    poly(paper, d) +
    poly('#fff', 'M136 118h130l6 14H130z', 'opacity=".45"') +
    poly('#2A2418', 'M250 118h16l6 14v190l-22 2z', 'opacity=".08"') +
    poly(band, 'M131 270h141v34q-70 5-141 0z') +
    stroke('#FFFDF6', 3, 'M160 284h82M174 294h54') +
    front
  );
}

function stems(list, tone = '#4B8257') {
  return list.map(([x, top]) => stroke(tone, 4, `M${x} 262Q${x - 6} ${(262 + top) / 2} ${x} ${top}`)).join('');
}

// bulbs lying on the sill, with a card behind
function bulbs(skin, dark, tip, flower) {
  let s = shade(250, 206) + poly('#F6EEDC', 'M228 130h104l4 190H224z') + flower;
  for (const [x, y, k] of [[112, 290, 1], [176, 298, 0.86], [146, 262, 0.78]]) {
    s += poly(skin, `M${f(x)} ${f(y - 46 * k)}q${f(34 * k)} ${f(20 * k)} ${f(32 * k)} ${f(52 * k)}q${f(-8 * k)} ${f(26 * k)} ${f(-32 * k)} ${f(26 * k)}q${f(-26 * k)} 0 ${f(-33 * k)} ${f(-26 * k)}q${f(-2 * k)} ${f(-32 * k)} ${f(33 * k)} ${f(-52 * k)}z`);
    s += stroke(dark, f(2.4 * k), `M${f(x)} ${f(y - 40 * k)}q${f(18 * k)} ${f(30 * k)} ${f(6 * k)} ${f(68 * k)}M${f(x - 2 * k)} ${f(y - 38 * k)}q${f(-16 * k)} ${f(30 * k)} ${f(-6 * k)} ${f(66 * k)}`);
    s += stroke(tip, f(5 * k), `M${f(x)} ${f(y - 44 * k)}q${f(3 * k)} ${f(-12 * k)} ${f(-2 * k)} ${f(-20 * k)}`);
  }
  return s;
}

const WOOD = '#B98A58';
const WOOD_D = '#946A3E';
const STEEL = '#9AA6A8';
const STEEL_D = '#727F83';

// hand tools stand against the wall, handle down
function handle(x, top, bottom) {
  return (
    poly(WOOD, `M${x - 9} ${top}q9-8 18 0l6 ${bottom - top - 14}q-15 16-30 0z`) +
    stroke(WOOD_D, 2, `M${x + 4} ${top + 10}l3 ${bottom - top - 40}`) +
    circle(x, bottom - 16, 4, '#F3E6CF')
  );
}

function lamp(color, dark, seedlings) {
  return (
    shade(220, 210) +
    ellipse(210, 230, 120, 60, '#FFF3C4') +
    seedlings +
    stroke(dark, 9, 'M306 320V152q0-34-34-34h-38') +
    poly(color, 'M150 108h124q12 0 12 14v16H138v-16q0-14 12-14z') +
    poly('#FFE9A6', 'M146 138h132v7H146z') +
    poly(dark, 'M270 316h72v10h-72z')
  );
}

function sprouts(x, y, n, gap) {
  let s = '';
  for (let i = 0; i < n; i++) {
    const px = x + i * gap;
    s += stroke('#6FA66D', 3, `M${px} ${y}v-22`) + poly(i % 2 ? '#86B97C' : '#5F9966', D.round(px, y - 20, -2.5, 18, 7) + D.round(px, y - 20, -0.6, 18, 7));
  }
  return s;
}

function tray(x, y, w, color, dark) {
  return poly(color, `M${x} ${y}h${w}l-10 34H${x + 10}z`) + poly(dark, `M${x + w * 0.66} ${y}h${w * 0.34}l-10 34h-${f(w * 0.3)}z`, 'opacity=".5"') + poly('#4A3524', `M${x + 6} ${y}h${w - 12}l-3 7H${x + 9}z`);
}

const fern = (y, s) => D.fern(214, y, s, { n: 8 });

export const products = {
  'celadon-planter': () => card(71, 'cream', 0.4, () => shade(196, 238) + D.saucer(216, 322, 160) + fern(212, 146) + D.pot('a', 216, 214, 140, 110, { flutes: 9, speck: 14 }) + D.fern(216, 216, 130, { list: [[174, 0.56, 'b'], [6, 0.54, 'b'], [-148, 0.5, 'c'], [-34, 0.5, 'c']], n: 7 })),
  'oat-trough': () => card(72, 'sage', 0.34, () => shade(320, 210) + D.grass(110, 244, 90, 110, 16) + D.herb(200, 246, 110, 7) + D.lavender(292, 246, 128, 7) + D.pot('a', 200, 240, 290, 82, { g: 'oat', taper: 0.92, ell: 0.035, speck: 30, rim: 16 })),
  'slate-pot': () => card(73, 'mist', 0.46, () => shade(196, 256) + D.swords(236, 212, 166) + D.pot('a', 236, 212, 140, 114, { g: 'slate', taper: 0.78, speck: 10 })),
  'clay-herb-pot': () => card(74, 'sand', 0.3, () => shade(180, 222) + D.herb(200, 226, 132, 11, ['#4B8257', '#6FA66D', '#3D6F49', '#95B86F'], 1.7) + D.pot('a', 200, 228, 132, 98, { g: 'clay', bare: false, speck: 10 })),
  'plum-hanging-pot': () => card(81, 'rose', 0.5, () => stroke('#7A6A52', 3, 'M200 0L132 168M200 0l68 168') + D.trail(200, 176, 90, 7) + D.pot('a', 200, 168, 142, 96, { g: 'plum', taper: 0.56, speck: 12 }) + D.trail(200, 178, 70, 5)),
  'fern-jar': () => card(82, 'sea', 0.28, () => shade(210, 220) + fern(300, 118) + poly('#DDEAE4', 'M148 150q-8 20-22 40-14 22-10 60 2 40 14 66 80 14 158 0 12-28 14-66 2-38-10-60-14-20-22-40z', 'opacity=".55"') + poly('#4A3524', 'M126 290q80 16 172 0l-8 28q-76 14-158 0z') + ellipse(210, 150, 62, 11, '#F4F8F5') + stroke('#FFFFFF', 5, 'M142 214q-10 30-4 60')),
  'windowsill-tray': () => card(83, 'cream', 0.24, () => shade(330, 206) + [110, 200, 290].map((x, i) => D.herb(x, 262, 74, 5) + D.pot(`a${i}`, x, 262, 64, 46, { g: ['clay', 'oat', 'celadon'][i], speck: 5, bare: false })).join('') + poly('#6E7C83', 'M56 304h288l-12 20H68z') + poly('#55636B', 'M250 304h94l-12 20h-90z')),
  'orchid-pot': () => card(84, 'rose', 0.44, () => shade(150, 222) + stroke('#4B6B45', 4, 'M206 226Q170 130 238 84') + poly('#4B8257', D.leaf(206, 232, -2.7, 96, 12) + D.leaf(210, 232, -0.5, 92, 12)) + [[196, 142, 26], [204, 108, 24], [236, 84, 20]].map(([x, y, r]) => blossom(x, y, r, 5, '#E7B7C4', '#B0506B')).join('') + D.pot('a', 208, 228, 104, 96, { g: 'celadon', taper: 0.74, speck: 8, bare: false })),
  'strawberry-pot': () => card(85, 'sand', 0.26, () => shade(190, 222) + D.herb(206, 176, 60, 7) + D.pot('a', 206, 176, 118, 148, { g: 'clay', taper: 0.82, speck: 10, bare: false }) + [[166, 222], [246, 214], [196, 268], [240, 276]].map(([x, y]) => ellipse(x, y, 17, 11, '#8A4A2B') + poly('#5F9966', D.round(x, y - 2, -2.4, 26, 10) + D.round(x, y - 2, -0.7, 26, 10)) + poly('#C0392B', `M${x - 7} ${y + 4}q7 24 14 0q-7-8-14 0z`)).join('')),
  'balcony-box': () => card(86, 'sea', 0.5, () => shade(330, 208) + D.lavender(120, 244, 112, 7) + D.herb(206, 246, 92, 7) + [270, 300, 326].map((x, i) => stroke('#4B8257', 3, `M${x} 246v-${58 + i * 8}`) + blossom(x, 186 - i * 8, 20, 8, '#E0913C', '#8A4A1F')).join('') + poly('#5B7A63', 'M46 240h316l-14 84H60z') + poly('#46604D', 'M268 240h94l-14 84h-88z') + stroke('#7F9C86', 3, 'M60 262h288')),
  'cactus-saucer': () => card(87, 'mist', 0.3, () => shade(240, 212) + [[156, 250, 40], [214, 236, 54], [266, 256, 34]].map(([x, y, r]) => ellipse(x, y, r * 0.7, r, '#6E9468') + stroke('#4C7350', 2.4, `M${x} ${y - r + 4}v${2 * r - 10}M${x - r * 0.36} ${y - r * 0.8}q-8 ${r * 0.8} 0 ${1.5 * r}M${x + r * 0.36} ${y - r * 0.8}q8 ${r * 0.8} 0 ${1.5 * r}`)).join('') + blossom(214, 184, 15, 7, '#D9738B', '#F2D16B') + D.pot('a', 212, 276, 210, 46, { g: 'ochre', taper: 0.7, ell: 0.05, speck: 12 })),
  'wall-pocket': () => card(88, 'cream', 0.1, () => stroke('#8A7B62', 4, 'M214 110v26') + circle(214, 108, 6, '#8A7B62') + D.trail(214, 174, 74, 5) + D.herb(214, 176, 84, 7) + poly('#A8CBB6', 'M146 170q68 26 136 0q2 74-68 118q-70-44-68-118z') + poly('#86B09A', 'M232 180q30-2 50-10q2 74-68 118q34-46 18-108z') + ellipse(214, 172, 66, 9, '#CFE4D3')),

  'meadow-mix': () => card(91, 'sage', 0.4, () => packet('#F4E7C6', '#5F9966', stems([[160, 190], [186, 166], [212, 180], [238, 196]]) + blossom(160, 186, 18, 8, '#D9738B', '#F2D16B') + blossom(186, 162, 20, 10, '#FFFDF6', '#E0A63A') + blossom(212, 178, 17, 6, '#7C8FC4', '#F2D16B') + blossom(238, 194, 16, 8, '#D65A3A', '#4A2A1A'))),
  'basil-seeds': () => card(92, 'cream', 0.3, () => packet('#E6EFD9', '#3D6F49', D.herb(202, 262, 92, 7, ['#5F9966', '#86B97C', '#4B8257'], 1.2, 0.16))),
  'calendula-seeds': () => card(93, 'sand', 0.3, () => packet('#FBEBD0', '#C77A24', stems([[176, 190], [228, 212]]) + blossom(176, 184, 36, 14, '#E8952B', '#8A4A1F') + blossom(228, 214, 26, 12, '#F0B23E', '#8A4A1F'))),
  'sweet-pea-seeds': () => card(94, 'rose', 0.44, () => packet('#F6E6EC', '#8C5568', stems([[172, 160], [222, 178]]) + [[172, 160], [160, 190], [186, 206], [222, 178], [236, 208]].map(([x, y], i) => poly(i % 2 ? '#C98BB0' : '#E3B3CC', D.round(x, y, -2.6, 30, 18) + D.round(x, y, -0.5, 30, 18)) + poly('#A65C88', D.round(x, y, -1.57, 16, 10))).join(''))),
  'cherry-tomato-seeds': () => card(95, 'cream', 0.26, () => packet('#FBE3D6', '#AF4420', stroke('#4B8257', 4, 'M150 160q60 8 94 70') + [[170, 186], [200, 200], [226, 226], [188, 236]].map(([x, y]) => circle(x, y, 19, '#D2452F') + circle(x - 6, y - 6, 5, '#EE8C74') + poly('#4B8257', D.leaf(x, y - 17, -2.6, 14, 3) + D.leaf(x, y - 17, -0.5, 14, 3))).join(''))),
  'lettuce-mix-seeds': () => card(96, 'sea', 0.4, () => packet('#E9F0DA', '#6F8F3A', [[202, 240, 60, '#86B97C'], [178, 224, 44, '#A9C37F'], [226, 222, 44, '#8C6F86'], [202, 206, 36, '#C2D39C']].map(([x, y, r, c]) => poly(c, D.round(x, y + r * 0.4, -2.5, r, r * 0.6) + D.round(x, y + r * 0.4, -1.57, r * 1.1, r * 0.6) + D.round(x, y + r * 0.4, -0.6, r, r * 0.6))).join(''))),
  'tulip-bulbs': () => card(97, 'mist', 0.1, () => bulbs('#B9794A', '#8A5330', '#A9C37F', stroke('#4B8257', 4, 'M278 300V196') + poly('#4B8257', D.leaf(278, 298, -2.1, 70, 10)) + poly('#C8404A', 'M254 160q10 18 12-6q12 18 24 0q4 24 14 6q6 44-26 48q-30-6-24-48z'))),
  'narcissus-bulbs': () => card(98, 'sage', 0.1, () => bulbs('#A98354', '#7C5B34', '#A9C37F', stroke('#4B8257', 4, 'M278 300V200') + blossom(278, 186, 36, 6, '#F7E27A', '#E08E2E'))),
  'garlic-bulbs': () => card(99, 'cream', 0.1, () => bulbs('#EFE3E6', '#C3A3B4', '#D9C8A8', stroke('#7F9C5B', 4, 'M278 300V190') + D.lavender(278, 300, 10, 2) + circle(278, 178, 26, '#C9A0C8'))),
  'anemone-corms': () => card(100, 'rose', 0.1, () => bulbs('#6E5138', '#4A3524', '#86B97C', stroke('#4B8257', 4, 'M278 300V200') + blossom(278, 188, 34, 8, '#6B5BA8', '#241A3A'))),
  'dahlia-tubers': () => card(101, 'sand', 0.1, () => bulbs('#9C7046', '#6F4B2C', '#86B97C', stroke('#4B8257', 4, 'M278 300V206') + blossom(278, 190, 40, 16, '#B03A5B', '#7A2440') + blossom(278, 190, 24, 12, '#D06A86', '#7A2440'))),

  'brass-can': () => card(76, 'cream', 0.2, () => shade(240, 226) + D.can('a', 196, BASE, 300, { type: 'long' })),
  'moss-can': () => card(77, 'sand', 0.12, () => shade(240, 220) + D.can('a', 214, BASE, 296, { type: 'big', c: { b: '#6F8F6A', l: '#A3BD98', d: '#557551', e: '#3B5639' } })),
  'seedling-can': () => card(78, 'mist', 0.3, () => shade(240, 220) + D.can('a', 226, BASE, 300, { type: 'low', c: { b: '#6E8791', l: '#A3B6BC', d: '#556D78', e: '#3C515B' } })),
  'copper-mister': () => card(103, 'sea', 0.3, () => shade(140, 212) + poly('#C47A4E', 'M168 208h76q22 26 22 62 0 40-14 54-46 8-92 0-14-14-14-54 0-36 22-62z') + poly('#A05C36', 'M222 208h22q22 26 22 62 0 40-14 54l-30 3q18-60 0-119z') + poly('#E2A67C', 'M166 230q-12 40-2 80l10 2q-10-40 2-82z') + poly('#8A7B62', 'M184 178h44v30h-44z') + poly('#6E6250', 'M150 150h76v24h-62z') + stroke('#6E6250', 8, 'M228 184q22 6 20 34') + [[118, 142], [100, 156], [112, 172], [84, 138]].map(([x, y]) => circle(x, y, 4, '#9DB9C4')).join('')),
  'drip-cones': () => card(104, 'sand', 0.36, () => shade(260, 210) + [[130, 1], [206, 1.16], [284, 0.94]].map(([x, k]) => poly('#C97B52', `M${x - 26 * k} ${f(326 - 90 * k)}h${52 * k}L${x} 326z`) + poly('#AD623D', `M${x + 4} ${f(326 - 90 * k)}h${22 * k}L${x} 326z`) + ellipse(x, f(326 - 90 * k), 26 * k, 6, '#E09E77') + stroke('#8FB0B4', 5, `M${x} ${f(326 - 92 * k)}q14-60 -6-96`)).join('')),
  'clay-olla': () => card(105, 'cream', 0.24, () => shade(210, 212) + poly('#C97B52', 'M190 176h44v26q60 20 60 74 0 40-82 48-82-8-82-48 0-54 60-74z') + poly('#AD623D', 'M214 176h20v26q60 20 60 74 0 40-70 47 34-60-10-147z') + ellipse(212, 176, 30, 7, '#8A4A2B') + stroke('#E09E77', 5, 'M146 252q4-24 26-38')),
  'rain-gauge': () => card(106, 'sea', 0.46, () => shade(110, 212) + poly('#E3EEF0', 'M186 116h54l-6 190h-42z', 'opacity=".9"') + poly('#7FA7B8', 'M190 226h46l-3 80h-40z', 'opacity=".8"') + stroke('#55707A', 2.4, [0, 1, 2, 3, 4, 5].map((i) => `M222 ${146 + i * 28}h14`).join('')) + stroke('#B98A58', 9, 'M170 104v222') + poly('#B98A58', 'M160 140h24v12h-24zM160 262h24v12h-24z')),
  'hose-rose': () => card(107, 'sage', 0.3, () => shade(250, 208) + stroke('#4C7350', 16, 'M40 316q70 14 110-6t70-40') + stroke('#C9A24E', 20, 'M214 268l44-58') + poly('#C9A24E', 'M236 176l66 48q10-50-18-68t-48 20z') + poly('#A17C31', 'M282 156q32 16 20 68l-24-18q14-26 4-50z') + [[262, 130], [290, 128], [316, 146], [330, 172]].map(([x, y]) => stroke('#8FB0C4', 3, `M${x} ${y}l8-18`)).join('')),

  'hand-fork': () => card(111, 'mist', 0.46, () => shade(90, 206) + handle(200, 210, 326) + stroke(STEEL_D, 8, 'M200 212v-30') + stroke(STEEL, 9, 'M170 104v44q0 34 30 34t30-34v-44M200 104v78')),
  'trowel': () => card(112, 'cream', 0.46, () => shade(90, 206) + handle(200, 210, 326) + stroke(STEEL_D, 8, 'M200 214v-28') + poly(STEEL, 'M200 84q34 34 34 74 0 26-34 34-34-8-34-34 0-40 34-74z') + poly(STEEL_D, 'M200 84q34 34 34 74 0 26-34 34z', 'opacity=".5"')),
  'dibber': () => card(113, 'sand', 0.4, () => shade(90, 206) + poly(WOOD, 'M184 326l-8-150h52l-8 150z') + poly(WOOD_D, 'M204 326l4-150h20l-8 150z', 'opacity=".5"') + poly(STEEL, 'M176 176h52l-26-84z') + poly(WOOD, 'M150 316h104v14H150z') + stroke('#F3E6CF', 2, 'M180 216h20M181 240h20M182 264h20')),
  'secateurs': () => card(114, 'rose', 0.3, () => shade(200, 206) + stroke('#AF4420', 18, 'M206 214q-50 40-56 104M214 214q50 40 62 102') + poly(STEEL, 'M196 214q-34-60 0-128 34 60 24 132z') + poly(STEEL_D, 'M222 212q34-34 26-96-46 30-48 90z') + circle(210, 210, 12, '#5E5A52') + circle(210, 210, 5, '#C9C2B4')),
  'pruning-saw': () => card(115, 'sage', 0.3, () => shade(260, 206) + poly(STEEL, 'M118 140q90 20 160 92l-18 22q-80-60-152-92z') + stroke(STEEL_D, 3, 'M110 162l8 8 4-4 8 9 5-4 8 10 5-3 8 10 6-3 8 10 6-3 8 10 6-2 8 10 6-2 8 11 6-2 8 11') + poly(WOOD, 'M258 250l24-26q34 20 46 58 4 34-26 36-32-20-44-68z')),
  'garden-twine': () => card(116, 'cream', 0.24, () => shade(180, 210) + poly('#B08A56', 'M140 226h140v96H140z') + ellipse(210, 226, 70, 20, '#C9A66E') + ellipse(210, 322, 70, 16, '#B08A56') + ellipse(210, 226, 18, 6, '#6E5133') + stroke('#8A6A3E', 2.4, [0, 1, 2, 3, 4, 5].map((i) => `M142 ${244 + i * 14}q68 26 136 0`).join('')) + stroke('#C9A66E', 4, 'M270 240q50 20 40 86')),
  'plant-markers': () => card(117, 'sea', 0.44, () => shade(220, 210) + [[130, -6, '#E2D2B3'], [180, 3, '#C97B52'], [232, -2, '#A8CBB6'], [284, 6, '#E2D2B3']].map(([x, a, c]) => `<g transform="rotate(${a} ${x} 326)">` + poly(c, `M${x - 20} 140q20-16 40 0v132l-20 52-20-52z`) + stroke('#4A4032', 3, `M${x - 10} 170h20M${x - 10} 186h14`) + '</g>').join('')),
  'kneeling-mat': () => card(118, 'sage', 0.2, () => shade(300, 206) + poly('#5E7F6A', 'M84 176q126-16 252 0l-12 138q-114 14-228 0z') + poly('#46604D', 'M96 314q114 14 228 0l-2 12q-112 14-224 0z') + stroke('#86A792', 3, 'M104 200q106-12 212 0M106 230q104-12 208 0M108 260q102-12 204 0M110 290q100-10 200 0')),

  'sill-lamp': () => card(121, 'mist', 0.1, () => lamp('#D08A5C', '#7C7466', tray(140, 290, 130, '#C97B52', '#AD623D') + sprouts(160, 290, 5, 24))),
  'shelf-light-bar': () => card(122, 'cream', 0.1, () => shade(320, 206) + ellipse(206, 230, 150, 56, '#FFF3C4') + poly('#55636B', 'M60 132h292v18H60z') + poly('#FFE9A6', 'M68 150h276v7H68z') + stroke('#55636B', 5, 'M110 132V40M302 132V40') + tray(70, 292, 120, '#6E7C83', '#55636B') + tray(220, 292, 120, '#6E7C83', '#55636B') + sprouts(92, 292, 4, 25) + sprouts(242, 292, 4, 25)),
  'clip-light': () => card(123, 'sea', 0.5, () => shade(150, 170) + ellipse(176, 236, 86, 60, '#FFF3C4') + D.herb(170, 266, 66, 7) + D.pot('a', 170, 266, 86, 58, { g: 'slate', speck: 6, bare: false }) + stroke('#8A7B62', 8, 'M318 326V196q0-70-70-70h-10') + poly('#E3A11A', 'M244 104l-58 34q-8-44 14-58t44 24z') + poly('#FFE9A6', 'M186 138l30-17 3 8-30 17z') + poly('#5E5A52', 'M304 296h40v30h-40z')),
  'seedling-tent-light': () => card(124, 'sage', 0.1, () => shade(280, 206) + poly('#FFF3C4', 'M206 96L88 316h236z') + tray(120, 288, 172, '#C97B52', '#AD623D') + sprouts(142, 288, 6, 26) + stroke('#7C7466', 7, 'M206 92L84 322M206 92l122 230') + poly('#DDEAE4', 'M206 96L88 316h40l78-190 78 190h40z', 'opacity=".6"') + poly('#55636B', 'M166 104h80v14h-80z') + poly('#FFE9A6', 'M172 118h68v5h-68z')),

  'ochre-bowl': () => card(75, 'sea', 0.3, () => shade(240, 216) + D.succulent(150, 250, 56) + D.succulent(252, 250, 58, ['#8C6F86', '#A98AA0', '#C9B2BF']) + D.succulent(202, 246, 62, ['#7E9A5B', '#9FB878', '#C2D39C']) + D.pot('a', 200, 250, 226, 74, { g: 'ochre', taper: 0.5, ell: 0.06 })),
  'glazed-urn': () => card(132, 'rose', 0.46, () => shade(210, 222) + D.lavender(210, 152, 96, 9) + poly('#70404F', 'M170 318h80v10h-80z') + D.pot('a', 210, 150, 168, 168, { g: 'plum', taper: 0.34, belly: 34, speck: 18 })),
  'house-number-pot': () => card(133, 'cream', 0.44, () => shade(190, 222) + fern(196, 104) + D.pot('a', 214, 196, 150, 128, { g: 'slate', taper: 0.84, speck: 6, bare: false }) + '<text x="214" y="286" text-anchor="middle" font-family="Georgia,serif" font-size="58" fill="#F3E6CF">18</text>'),
  'glazed-birdbath': () => card(134, 'sage', 0.3, () => shade(210, 214) + poly('#86B09A', 'M192 216h44l16 106h-76z') + poly('#5F8F7A', 'M218 216h18l16 106h-24z') + D.pot('a', 214, 190, 250, 36, { g: 'celadon', taper: 0.5, ell: 0.07, bare: false, speck: 8 }) + ellipse(214, 192, 104, 12, '#A9C9D2') + poly('#6E5138', 'M262 160q18-10 26 6l14-2-10 12q-16 16-34 8z') + circle(284, 164, 2.4, '#1d1712')),
  'long-table-trough': () => card(135, 'sand', 0.2, () => shade(350, 206) + [88, 148, 208, 268, 328].map((x, i) => D.succulent(x, 280, 34, i % 2 ? ['#7E9A5B', '#9FB878', '#C2D39C'] : ['#7FA98C', '#9CC0A3', '#BBD6BC'])).join('') + D.pot('a', 206, 280, 330, 44, { g: 'celadon', taper: 0.94, ell: 0.03, speck: 26, rim: 10 })),
};
