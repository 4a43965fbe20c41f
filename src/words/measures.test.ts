import { afterEach, describe, expect, it } from 'vitest';
import { settingsFields } from '../core/facts/setting';
import { parseInput } from '../core/formats/parse-input';
import { METRIC } from '../core/units/units';
import { cautionWords } from './cautions';
import { issueInWords } from './issues';
import {
  farWords,
  lengthWords,
  massWords,
  measured,
  speakUnits,
  temperatureWords,
  unitName,
  wholeMassWords,
} from './measures';
import { methodSaid } from './methods/methods';

const IMPERIAL = { mass: 'lb', temperature: 'f', length: 'ft', distance: 'mi' } as const;
afterEach(() => speakUnits(METRIC));

const all = () => [
  massWords(0.5),
  massWords(35),
  wholeMassWords(2.6),
  temperatureWords(10),
  farWords(5),
  lengthWords(0.1),
  lengthWords(1),
];

describe('measures', () => {
  it('are said in the units of the book, rounded as people say them', () => {
    expect(all()).toEqual(['0.5 kg', '35 kg', '3 kg', '10 °C', '5 km', '10 cm', '1 m']);
    speakUnits(IMPERIAL);
    expect(all()).toEqual(['1.1 lb', '77 lb', '6 lb', '50 °F', '3 miles', '4 in', '3.3 ft']);
    expect(unitName('temperature')).toBe('°F');
  });

  it('are refused in the units that they were typed in', () => {
    const refused = (setting: object) => {
      const parsed = parseInput(settingsFields.partial(), setting);
      return parsed.ok ? [] : parsed.issues.map((issue) => issueInWords(issue).message);
    };
    const tooMuch = { interleaveNightC: 40, lightFlowKg: 0 };
    expect(refused(tooMuch)).toEqual(['must be 18 °C or less', 'must be 0.1 kg or more']);
    speakUnits(IMPERIAL);
    expect(refused(tooMuch)).toEqual(['must be 64 °F or less', 'must be 0.2 lb or more']);
    expect(refused({ interleaveNightC: 18, lightFlowKg: 0.1 })).toEqual([]);
  });

  it('stand in braces where a text is fixed; none is left there', () => {
    expect(measured('over {5 km} away, moved by {0.1 m}')).toBe('over 5 km away, moved by 10 cm');
    const nuc = () => JSON.stringify(methodSaid('nuc-swarm'));
    expect(nuc()).toContain('over 5 km away');
    expect(cautionWords('lifting')).toContain('35 kg');
    speakUnits(IMPERIAL);
    expect(nuc()).toContain('over 3 miles away');
    expect(nuc()).not.toMatch(/[{}] ?km/);
    expect(cautionWords('lifting')).toContain('77 lb');
  });
});
