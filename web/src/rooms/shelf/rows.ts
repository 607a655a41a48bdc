import type { Bracket, BrakeFluid, CaliperKit, DuctKit, LineKit, MasterCylinder, Pad, Part, Rotor, ShelfAnswer } from '../../api/client';
import type { PartKind } from './kinds';
import { told } from '../../units/units';

/** What a list shows of a part and what it can be sorted and filtered by. */
export interface Row {
  id: string;
  name: string;
  words: string;
  price: number | null;
  /** The figure that the kind is sorted by when "hottest first" is asked. */
  heat: number;
  road: boolean;
  own: boolean;
  archived: boolean;
  curve?: { points: { temperatureC: number; mu: number }[]; typical: boolean };
}

const faces: Record<string, string> = {
  plain: 'plain',
  slotted: 'slotted',
  hookSlotted: 'hooked slots',
  drilled: 'drilled',
  factoryDrilled: 'maker’s holes',
};

/** The rows of a kind. */
export function rowsOf(kind: PartKind, shelf: ShelfAnswer, show: (value: number, unit: string, digits?: number) => string): Row[] {
  const items: { id: string; origin: string; archived: boolean; body: Part }[] = shelf.content[kind];
  return items.map(({ id, origin, archived, body }) => {
    const row = { id, name: body.name, own: origin === 'own', archived, road: true, price: null as number | null, heat: 0, words: '' };
    switch (kind) {
      case 'pads': {
        const pad = body as Pad;
        const family = shelf.padFamilies.find((item) => item.code === pad.family);
        const points = pad.curve ?? family?.curve ?? [];
        return {
          ...row,
          words: `${family ? told(family.name, 'metric') : pad.family}${pad.roadApproved ? '' : ', track only'}${pad.curve ? '' : ', family’s curve'}`,
          price: pad.priceAxleSet ?? null,
          heat: points.reduce((best, point) => (point.mu >= 0.35 ? Math.max(best, point.temperatureC) : best), 0),
          road: pad.roadApproved,
          curve: { points, typical: !pad.curve },
        };
      }
      case 'rotors': {
        const rotor = body as Rotor;
        return {
          ...row,
          words: `${rotor.construction === 'twoPiece' ? 'two-piece' : rotor.construction === 'drum' ? 'drum' : 'one piece'}, ${rotor.vanes} vanes, ${faces[rotor.finish?.face ?? 'plain']}`,
          price: rotor.price ?? null,
          heat: rotor.outerDiameterMm,
        };
      }
      case 'fluids': {
        const fluid = body as BrakeFluid;
        return {
          ...row,
          words: `${show(fluid.dryC, 'C')} dry, ${show(fluid.wetC, 'C')} wet`,
          price: fluid.priceLitre ?? null,
          heat: fluid.wetC,
        };
      }
      case 'lines': {
        const lines = body as LineKit;
        return {
          ...row,
          words: lines.kind === 'braided' ? 'braided steel' : 'rubber',
          price: lines.price ?? null,
          road: lines.roadApproved,
        };
      }
      case 'ducts': {
        const ducts = body as DuctKit;
        return {
          ...row,
          words: `${show(ducts.duct.hoseMm, 'mm')}, ${ducts.duct.aim === 'eye' ? 'into the eye' : 'at the face'}`,
          price: ducts.price ?? null,
          heat: ducts.duct.hoseMm,
        };
      }
      case 'calipers': {
        const kit = body as CaliperKit;
        return {
          ...row,
          words: `${kit.rear ? 'rear: ' : ''}${kit.brake.caliper === 'sliding' ? kit.brake.pistonsMm.length : 2 * kit.brake.pistonsMm.length} pistons, pads ${kit.brake.padShape ?? 'of unknown shape'}, ${kit.rotor.name}`,
          price: kit.price ?? null,
          heat: kit.rotor.outerDiameterMm,
        };
      }
      case 'brackets': {
        const pair = body as Bracket;
        return {
          ...row,
          words: `calipers made for ${show(pair.fromMm, 'mm')}, out to ${show(pair.toMm, 'mm')}`,
          price: pair.price ?? null,
          heat: pair.toMm,
        };
      }
      case 'cylinders': {
        const cylinder = body as MasterCylinder;
        const share = cylinder.balanceBarFrontShare;
        return {
          ...row,
          words: `${show(cylinder.boreMm, 'mm', 1)}${share == null ? ', one for both circuits' : `, two, balance bar ${Math.round(share * 100)} % front`}`,
          price: cylinder.price ?? null,
          heat: cylinder.boreMm,
        };
      }
    }
  });
}

export type Sorting = 'name' | 'price' | 'heat';

/** Rows that hold every word typed and pass the filters, in the order asked. */
export function pick(rows: Row[], text: string, filter: { own: boolean; road: boolean; archived: boolean }, sorting: Sorting): Row[] {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  const order: Record<Sorting, (a: Row, b: Row) => number> = {
    name: (a, b) => a.name.localeCompare(b.name),
    price: (a, b) => (a.price ?? Infinity) - (b.price ?? Infinity) || a.name.localeCompare(b.name),
    heat: (a, b) => b.heat - a.heat || a.name.localeCompare(b.name),
  };
  return rows
    .filter((row) => row.archived === filter.archived && (!filter.own || row.own) && (!filter.road || row.road))
    .filter((row) => words.every((word) => `${row.name} ${row.words}`.toLowerCase().includes(word)))
    .sort(order[sorting]);
}
