/** A name that may mean several things: what it is asked about, the likeliest first. */
export interface AskedName {
  readonly ids: readonly string[];
  /** The likelier one where it is measured by the spoon; with `onlySpoon` it is only asked about then. */
  readonly spoon?: string;
  readonly onlySpoon?: boolean;
  /** What it is without a question when it comes in a tin. */
  readonly tin?: string;
  /** True where it is no question unless it comes in a tin. */
  readonly onlyTin?: boolean;
}

const asked = (ids: string, more: Omit<AskedName, 'ids'> = {}): AskedName => ({
  ids: ids.split(' '),
  ...more,
});
const WHITE_RICE = asked('longGrainWhite basmati jasmine mediumGrainWhite shortGrainWhite');
const CHILLI = asked('chilli chilliPowder chilliFlakes chilliDried', { spoon: 'chilliPowder' });
const PASTE_OR_PUREE = asked('tomatoPuree tomatoPaste', { spoon: 'tomatoPaste' });
const spooned = (ids: string, spoon: string): AskedName => asked(ids, { spoon, onlySpoon: true });
const dryOrTinned = (tin: string, dry: string): AskedName => asked(`${tin} ${dry}`, { tin });

/**
 * Names by which kitchens mean different things, or something near what the larder has: never taken in silence (common
 * practice). Singular, lower case.
 */
export const ASKED: Readonly<Record<string, AskedName>> = {
  rice: WHITE_RICE,
  'white rice': WHITE_RICE,
  'plain rice': WHITE_RICE,
  'brown rice': asked('brownLong brownBasmati brownMedium'),
  'wholegrain rice': asked('brownLong brownBasmati brownMedium'),
  kolam: asked('sonaMasoori longGrainWhite'),
  'kolam rice': asked('sonaMasoori longGrainWhite'),
  ponni: asked('sonaMasoori parboiledLong'),
  'ponni rice': asked('sonaMasoori parboiledLong'),
  'idli rice': asked('parboiledLong shortGrainWhite'),
  'boiled rice': asked('parboiledLong longGrainWhite'),
  'glutinous rice': asked('shortGrainWhite jasmine'),
  'sticky rice': asked('shortGrainWhite jasmine'),
  'sweet rice': asked('shortGrainWhite jasmine'),
  'wild rice': asked('blackRice brownLong'),
  'aromatic rice': asked('smallOvalAromatic basmati jasmine'),
  dhania: asked('corianderGround coriander corianderSeed', { spoon: 'corianderGround' }),
  coriander: spooned('coriander corianderGround corianderSeed', 'corianderGround'),
  methi: asked('fenugreekLeaf fenugreekDried fenugreekSeed', { spoon: 'fenugreekSeed' }),
  thyme: spooned('thyme thymeDried', 'thymeDried'),
  fennel: spooned('fennelBulb fennelSeed', 'fennelSeed'),
  mustard: spooned('mustard mustardSeed mustardPowder', 'mustard'),
  pepper: asked('sweetPepper blackPepper chilli', { spoon: 'blackPepper' }),
  'red pepper': spooned('sweetPepper chilliPowder chilliFlakes', 'chilliFlakes'),
  chilli: CHILLI,
  chili: CHILLI,
  chile: CHILLI,
  masala: asked('garamMasala spiceMix'),
  spice: asked('spiceMix spicesWhole garamMasala'),
  herb: asked('basilDried parsley coriander'),
  seasoning: asked('allPurpose stockCube spiceMix'),
  bouillon: asked('stockCube stockPowder stockVegetable', { spoon: 'stockPowder' }),
  curry: asked('curryPowder curryPaste'),
  'tomato puree': PASTE_OR_PUREE,
  tomato: asked('tomatoChopped tomatoPeeledTinned tomato tomatoCherry', {
    tin: 'tomatoChopped',
    onlyTin: true,
  }),
  'plum tomato': asked('tomatoPeeledTinned tomato', { tin: 'tomatoPeeledTinned', onlyTin: true }),
  bean: asked('greenBeans kidneyBeansTinned whiteBeansTinned blackBeansTinned'),
  dal: asked('lentilSplitRed mungSplit pigeonPeaSplit chickpeaSplit'),
  dhal: asked('lentilSplitRed mungSplit pigeonPeaSplit chickpeaSplit'),
  lentil: asked('lentilWhole lentilSplitRed', { tin: 'lentilsTinned' }),
  chickpea: dryOrTinned('chickpeasTinned', 'chickpeas'),
  chana: asked('chickpeas chickpeaSplit chickpeasTinned', { tin: 'chickpeasTinned' }),
  'kidney bean': dryOrTinned('kidneyBeansTinned', 'kidneyBeans'),
  'red bean': dryOrTinned('kidneyBeansTinned', 'kidneyBeans'),
  'black bean': dryOrTinned('blackBeansTinned', 'blackBeans'),
  'white bean': dryOrTinned('whiteBeansTinned', 'whiteBeans'),
  'butter bean': dryOrTinned('whiteBeansTinned', 'whiteBeans'),
  'pigeon pea': dryOrTinned('pigeonPeasTinned', 'pigeonPeas'),
  corn: asked('sweetcorn sweetcornFrozen babyCorn', { tin: 'sweetcornTinned' }),
  sweetcorn: asked('sweetcorn sweetcornFrozen', { tin: 'sweetcornTinned' }),
  coconut: asked('coconutFresh coconutDesiccated coconutMilk'),
  noodle: asked('noodlesShort vermicelli vermicelliRice noodlesEgg'),
  cheese: asked('hardCheese feta mozzarella'),
  sprout: asked('beanSprouts brusselsSprouts'),
  mince: asked('beefMince lambMince porkMince chickenMince'),
  sausage: asked('sausageSmoked sausageFresh salami'),
  chorizo: asked('sausageSmoked salami'),
  meat: asked('goatLeg beefRound lambShoulder'),
  seafood: asked('prawns squid mussels'),
  vegetable: asked('mixedVegFrozen carrot greenBeans'),
  'mixed veg': asked('mixedVegFrozen carrot greenBeans'),
  'mixed vegetable': asked('mixedVegFrozen carrot greenBeans'),
  nut: asked('cashew almond peanut'),
  'dried fruit': asked('raisins apricotsDried'),
  fat: asked('oil butter ghee'),
  plantain: asked('plantainGreen plantainRipe'),
  mango: asked('mangoGreen mangoRipe'),
  tamarind: asked('tamarindPulp tamarindWater'),
  squash: asked('pumpkin courgette'),
  cream: asked('creamDouble creamSingle'),
  shrimp: asked('prawns prawnsDried prawnsCooked'),
  jackfruit: asked('jackfruitGreen'),
};
