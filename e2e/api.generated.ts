/** Made from the API document by `npm run client`; not to be edited. */
export interface paths {
  '/api/health': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['HealthController_read'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/answer': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** What to pour into this pot, and where every gram of it goes. Stores nothing. */
    post: operations['AnswerController_answer'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/course': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** The pot over time, with what goes wrong and what would avoid it. Stores nothing. */
    post: operations['AnswerController_course'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/household': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['HouseholdController_read'];
    put: operations['HouseholdController_put'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/bags': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['BagsController_list'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/bags/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    /** Creates or replaces a bag; the id is yours to choose, so sending twice is safe */
    put: operations['BagsController_put'];
    post?: never;
    /** Takes a bag away; putting it again brings it back */
    delete: operations['BagsController_remove'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/vessels': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['VesselsController_list'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/vessels/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    /** Creates or replaces a vessel; the id is yours to choose, so sending twice is safe */
    put: operations['VesselsController_put'];
    post?: never;
    /** Takes a vessel away; putting it again brings it back */
    delete: operations['VesselsController_remove'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/hobs': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['HobsController_list'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/hobs/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    /** Creates or replaces a hob; the id is yours to choose, so sending twice is safe */
    put: operations['HobsController_put'];
    post?: never;
    /** Takes a hob away; putting it again brings it back */
    delete: operations['HobsController_remove'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/cups': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['CupsController_list'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/cups/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    /** Creates or replaces a cup; the id is yours to choose, so sending twice is safe */
    put: operations['CupsController_put'];
    post?: never;
    /** Takes a cup away; putting it again brings it back */
    delete: operations['CupsController_remove'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/dishes': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['DishsController_list'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/dishes/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    /** Creates or replaces a dish; the id is yours to choose, so sending twice is safe */
    put: operations['DishsController_put'];
    post?: never;
    /** Takes a dish away; putting it again brings it back */
    delete: operations['DishsController_remove'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/ingredients': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['OwnIngredientsController_list'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/ingredients/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    /** Creates or replaces a ingredient; the id is yours to choose, so sending twice is safe */
    put: operations['OwnIngredientsController_put'];
    post?: never;
    /** Takes a ingredient away; putting it again brings it back */
    delete: operations['OwnIngredientsController_remove'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/methods': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['OwnMethodsController_list'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/methods/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    /** Creates or replaces a method; the id is yours to choose, so sending twice is safe */
    put: operations['OwnMethodsController_put'];
    post?: never;
    /** Takes a method away; putting it again brings it back */
    delete: operations['OwnMethodsController_remove'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/steam-tests': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['SteamTestsController_list'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/steam-tests/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    /** Creates or replaces a water test; the id is yours to choose, so sending twice is safe */
    put: operations['SteamTestsController_put'];
    post?: never;
    /** Takes a water test away; putting it again brings it back */
    delete: operations['SteamTestsController_remove'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/plans': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** The newest plans, the one last worked on first */
    get: operations['PlansController_list'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/plans/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    /** Keeps a plan as it is being typed */
    put: operations['PlansController_put'];
    post?: never;
    delete: operations['PlansController_remove'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/cooks': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** Newest first; without plan, answer and taps */
    get: operations['CooksController_list'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/cooks/by-dish': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** How often each dish was cooked and how it came out */
    get: operations['CooksController_byDish'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/cooks/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['CooksController_read'];
    /** Begins a cook; the answer is worked out and kept as it is now */
    put: operations['CooksController_begin'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    /** Says what was poured, that it was given up, or how it came out */
    patch: operations['CooksController_change'];
    trace?: never;
  };
  '/api/cooks/{id}/events/{eventId}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    /** Keeps one tap at the stove */
    put: operations['CooksController_tap'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/cooks/{id}/outcome': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    /** Keeps or changes how it came out */
    put: operations['CooksController_judge'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/changes': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** What was stored since a revision, in order, and the server’s clock */
    get: operations['ChangesController_since'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/changes/stream': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** The newest revision, now and at every change, as server-sent events */
    get: operations['ChangesController_stream'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/copies': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** Copies of everything there are, newest first */
    get: operations['CopiesController_list'];
    put?: never;
    /** Makes a copy of everything as one file, and reads it back; the ten newest are kept */
    post: operations['CopiesController_make'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
}
export type webhooks = Record<string, never>;
export interface components {
  schemas: {
    AmountDto: {
      /**
       * @description Mass
       * @example 185
       */
      g?: number;
      /** @description Volume as this ingredient is measured */
      ml?: number;
      /** @description Cups of the plan's cupMl */
      cups?: number;
      /** @description Natural units: 2 onions, 1 can */
      count?: number;
      /** @description As typed: "1 3/4 cups", "400 g", "2 onions" */
      text?: string;
    };
    TimingDto: {
      /** @description Uncovered boil before the lid goes on */
      openBoilMin?: number;
      /**
       * @description Heat of the uncovered boil
       * @enum {string}
       */
      openBoilHeat?: 'high' | 'mediumHigh' | 'medium' | 'low' | 'veryLow' | 'off';
      /** @description Minutes under the lid */
      coveredMin?: number;
      /**
       * @description Heat under the lid
       * @enum {string}
       */
      coveredHeat?: 'high' | 'mediumHigh' | 'medium' | 'low' | 'veryLow' | 'off';
      /** @description Rest off the heat, lid on */
      restMin?: number;
      /**
       * @description What closes the pot for the covered time
       * @enum {string}
       */
      seal?: 'ajar' | 'on' | 'cloth' | 'foil' | 'parchment' | 'sealed';
      /** @description A flat pan under the pot for the covered time */
      spreader?: boolean;
      /** @description Whistles to count in all */
      whistles?: number;
      /** @description Minutes at pressure */
      pressureMin?: number;
      /**
       * @description Slow mode of a multi-cooker, without pressure
       * @enum {string}
       */
      slow?: 'high' | 'low';
      /** @description Rice cooker left on after it flips */
      keptOnMin?: number;
    };
    StageEndDto: {
      /**
       * @description Ends on a clock, a count of whistles, something seen, or the cooker’s switch
       * @enum {string}
       */
      kind: 'minutes' | 'count' | 'sign' | 'flip';
      /** @description For kind "count" */
      count?: number;
      /** @description For kind "minutes" */
      minutes?: number;
      /**
       * @description For kind "sign"
       * @enum {string}
       */
      sign?:
        | 'drained'
        | 'fatShimmers'
        | 'baseReady'
        | 'oilRising'
        | 'grainColour'
        | 'stewTakenUp'
        | 'boilAllOver'
        | 'levelWithGrain'
        | 'holes'
        | 'absorbed'
        | 'atPressure'
        | 'firstWhistle'
        | 'pressureDown'
        | 'crackles'
        | 'toastySmell';
      /** @description For every kind but "minutes": minutes it usually takes */
      expectMin?: number;
    };
    StageDto: {
      /**
       * @description Name of the stage within the plan
       * @example simmer
       */
      id: string;
      /**
       * @description What is done
       * @enum {string}
       */
      act:
        | 'soak'
        | 'drain'
        | 'warmFat'
        | 'base'
        | 'ladle'
        | 'toast'
        | 'fryDry'
        | 'boil'
        | 'grain'
        | 'openBoil'
        | 'boilDown'
        | 'butter'
        | 'pressureUp'
        | 'pressure'
        | 'release'
        | 'cook'
        | 'turn'
        | 'simmer'
        | 'steam'
        | 'rest';
      /**
       * @description Setting of the hob
       * @enum {string}
       */
      heat: 'high' | 'mediumHigh' | 'medium' | 'low' | 'veryLow' | 'off';
      /**
       * @description The lid, and what lies under it
       * @enum {string}
       */
      lid: 'off' | 'ajar' | 'on' | 'cloth' | 'foil' | 'parchment' | 'sealed' | 'pressure';
      /** @description A flat pan or plate between ring and pot */
      spreader?: boolean;
      /** @description Wrapped up, or in an insulated box */
      insulated?: boolean;
      /** @description When it is over */
      end: components['schemas']['StageEndDto'];
    };
    IngredientDto: {
      /**
       * @description Id of the larder
       * @example tomato
       */
      ingredientId: string;
      /** @description How much */
      amount: components['schemas']['AmountDto'];
      /**
       * @description How far it is cooked down when the liquid goes in
       * @enum {string}
       */
      state?:
        | 'whole'
        | 'withLiquid'
        | 'softened'
        | 'mushy'
        | 'oilSeparated'
        | 'translucent'
        | 'golden'
        | 'brown'
        | 'browned'
        | 'raw'
        | 'steeped'
        | 'cooked'
        | 'dry'
        | 'soaked';
    };
    OwnIngredientDto: {
      /**
       * @description Id within the plan
       * @example own-1
       */
      id: string;
      /**
       * @description Name
       * @example Red jar
       */
      name: string;
      /** @description Id of what it is like */
      like?: string;
      /**
       * @description Against what it is like
       * @enum {string}
       */
      body?: 'thinner' | 'same' | 'thicker';
      /** @description Water */
      water?: number;
      /** @description Fat */
      fat?: number;
      /** @description Salt */
      salt?: number;
      /** @description Bulk density */
      densityGPerMl?: number;
      /**
       * @description How it gives up its water
       * @enum {string}
       */
      behaves?:
        | 'liquid'
        | 'cultured'
        | 'coconutMilk'
        | 'tomato'
        | 'smoothTomato'
        | 'onion'
        | 'softVegetable'
        | 'hardVegetable'
        | 'potato'
        | 'frozenVegetable'
        | 'driedVegetable'
        | 'driedFruit'
        | 'desiccated'
        | 'mushroom'
        | 'meat'
        | 'fat'
        | 'dry'
        | 'noodle'
        | 'wholePulse'
        | 'splitPulse'
        | 'soyChunk';
      /** @description Allergens */
      allergens?: string[];
    };
    BaseDto: {
      /** @description What the base weighs now; overrides states and minutes */
      weighsG?: number;
      /** @description Stew ladled out before the grain goes in */
      ladleOutG?: number;
    };
    VesselSpecDto: {
      /**
       * @description Inside width
       * @example 22
       */
      diameterCm: number;
      /**
       * @description Volume to the brim
       * @example 4000
       */
      volumeMl: number;
      /**
       * @description How the lid fits
       * @enum {string}
       */
      lid?: 'loose' | 'wellFitting' | 'tight';
      /**
       * @description Wall
       * @enum {string}
       */
      wall?: 'thin' | 'heavy';
      /**
       * @description What it is; default what the method is made for
       * @enum {string}
       */
      kind?: 'pot' | 'pressureCooker' | 'multiCooker' | 'riceCooker';
      /** @description Heat lost through its lid, from a water test */
      lidLossWPerM2K?: number;
    };
    PowersDto: {
      /** @description Net power into a 22 cm pot on high */
      high?: number;
      /** @description on medium-high */
      mediumHigh?: number;
      /** @description on medium */
      medium?: number;
      /** @description on low */
      low?: number;
      /** @description on the lowest setting */
      veryLow?: number;
      /** @description off */
      off?: number;
    };
    HobSpecDto: {
      /**
       * @description Kind of burner
       * @enum {string}
       */
      kind?: 'gas' | 'electric' | 'induction' | 'builtIn';
      /** @description Powers by setting */
      powerW?: components['schemas']['PowersDto'];
      /** @description Settings measured by a water test in this vessel */
      measured?: ('high' | 'mediumHigh' | 'medium' | 'low' | 'veryLow' | 'off')[];
    };
    OddsAskDto: {
      /** @description Kitchens to simulate */
      draws?: number;
      /** @description The same seed gives the same odds */
      seed?: number;
    };
    AskDto: {
      /**
       * @description Id of the grain
       * @example longGrainWhite
       */
      grainId: string;
      /** @description How much raw grain */
      grain: components['schemas']['AmountDto'];
      /**
       * @description Washing
       * @enum {string}
       */
      wash?: 'unwashed' | 'rinsed' | 'untilClear';
      /** @description Soak */
      soakMin?: number;
      /** @description Temperature of the soak water */
      soakWaterC?: number;
      /**
       * @description Reused soak water is part of the pour, measured before the grain goes into it
       * @enum {string}
       */
      soakWater?: 'thrown' | 'reused';
      /**
       * @description Draining
       * @enum {string}
       */
      drain?: 'shaken' | 'sieve';
      /** @description Minutes in the sieve */
      sieveMin?: number;
      /**
       * @description Toasting
       * @enum {string}
       */
      toast?: 'none' | 'coated' | 'glossy' | 'opaque' | 'golden' | 'deep';
      /**
       * @description Method
       * @enum {string}
       */
      method?:
        | 'coveredAbsorption'
        | 'boilDown'
        | 'liquidFirst'
        | 'stewSteam'
        | 'fryDry'
        | 'absorbButter'
        | 'pressureCooker'
        | 'multiCooker'
        | 'riceCooker';
      /** @description The method's times, where they differ from its own */
      timing?: components['schemas']['TimingDto'];
      /** @description Stages that replace the method's own */
      stages?: components['schemas']['StageDto'][];
      /** @description Everything else that goes in */
      ingredients?: components['schemas']['IngredientDto'][];
      /** @description The household's own ingredients that the plan names */
      own?: components['schemas']['OwnIngredientDto'][];
      /** @description What is known of the base */
      base?: components['schemas']['BaseDto'];
      /**
       * @description Id of the liquid whose amount is asked for
       * @example water
       */
      pourWith?: string;
      /** @description All there is of the liquid */
      pourMost?: components['schemas']['AmountDto'];
      /** @description Id of the liquid that makes up the rest */
      thenWith?: string;
      /** @description Share kept back and added hot later */
      laterShare?: number;
      /** @description Its temperature when poured */
      liquidTempC?: number;
      /**
       * @description A rule to pour by whatever the account says
       * @enum {string}
       */
      holdTo?:
        'oneToOne' | 'oneToOneHalf' | 'oneToTwo' | 'halfInch' | 'firstJoint' | 'twoFingers' | 'baseOnly';
      /** @description What the cook pours beside the account */
      leanMl?: number;
      /** @description Water to be left as sauce */
      sauceLeftG?: number;
      /** @description The pot */
      vessel: components['schemas']['VesselSpecDto'];
      /** @description The burner */
      hob?: components['schemas']['HobSpecDto'];
      /** @description Altitude */
      altitudeM?: number;
      /** @description Room temperature */
      roomC?: number;
      /**
       * @description Texture: 1 firm, 2 one grain apart, 3 tender, 4 soft, 5 very soft
       * @enum {number}
       */
      texture?: 1 | 2 | 3 | 4 | 5;
      /** @description A crust is wanted at the base */
      crust?: boolean;
      /**
       * @description Served on its own, with a gravy, or under something salty
       * @enum {string}
       */
      served?: 'plain' | 'withGravy' | 'underSalty';
      /** @description People */
      portions?: number;
      /** @description Pots it is shared among; the answer is for one */
      pots?: number;
      /** @description Id of the salt that is added */
      saltWith?: string;
      /** @description The cook's own cup */
      cupMl?: number;
      /** @description Ask for the odds too */
      odds?: components['schemas']['OddsAskDto'];
    };
    FieldProblem: {
      /**
       * @description Path of the field in the request body
       * @example ingredients[0].state
       */
      field: string;
      /**
       * @description Reason code
       * @example noSuchState
       */
      code: string;
      /**
       * @description The reason in one sentence
       * @example This is needed.
       */
      message: string;
    };
    Problem: {
      /** @example urn:hammock:problem:plan */
      type: string;
      /** @example The plan cannot be answered */
      title: string;
      /** @example 422 */
      status: number;
      /** @example vessel.diameterCm: This is needed. */
      detail: string;
      errors?: components['schemas']['FieldProblem'][];
      /** @description Of a clash: what is there now */
      current?: Record<string, never>;
      /** @description Of a clash: what was sent */
      sent?: Record<string, never>;
    };
    CourseAskDto: {
      /**
       * @description Id of the grain
       * @example longGrainWhite
       */
      grainId: string;
      /** @description How much raw grain */
      grain: components['schemas']['AmountDto'];
      /**
       * @description Washing
       * @enum {string}
       */
      wash?: 'unwashed' | 'rinsed' | 'untilClear';
      /** @description Soak */
      soakMin?: number;
      /** @description Temperature of the soak water */
      soakWaterC?: number;
      /**
       * @description Reused soak water is part of the pour, measured before the grain goes into it
       * @enum {string}
       */
      soakWater?: 'thrown' | 'reused';
      /**
       * @description Draining
       * @enum {string}
       */
      drain?: 'shaken' | 'sieve';
      /** @description Minutes in the sieve */
      sieveMin?: number;
      /**
       * @description Toasting
       * @enum {string}
       */
      toast?: 'none' | 'coated' | 'glossy' | 'opaque' | 'golden' | 'deep';
      /**
       * @description Method
       * @enum {string}
       */
      method?:
        | 'coveredAbsorption'
        | 'boilDown'
        | 'liquidFirst'
        | 'stewSteam'
        | 'fryDry'
        | 'absorbButter'
        | 'pressureCooker'
        | 'multiCooker'
        | 'riceCooker';
      /** @description The method's times, where they differ from its own */
      timing?: components['schemas']['TimingDto'];
      /** @description Stages that replace the method's own */
      stages?: components['schemas']['StageDto'][];
      /** @description Everything else that goes in */
      ingredients?: components['schemas']['IngredientDto'][];
      /** @description The household's own ingredients that the plan names */
      own?: components['schemas']['OwnIngredientDto'][];
      /** @description What is known of the base */
      base?: components['schemas']['BaseDto'];
      /**
       * @description Id of the liquid whose amount is asked for
       * @example water
       */
      pourWith?: string;
      /** @description All there is of the liquid */
      pourMost?: components['schemas']['AmountDto'];
      /** @description Id of the liquid that makes up the rest */
      thenWith?: string;
      /** @description Share kept back and added hot later */
      laterShare?: number;
      /** @description Its temperature when poured */
      liquidTempC?: number;
      /**
       * @description A rule to pour by whatever the account says
       * @enum {string}
       */
      holdTo?:
        'oneToOne' | 'oneToOneHalf' | 'oneToTwo' | 'halfInch' | 'firstJoint' | 'twoFingers' | 'baseOnly';
      /** @description What the cook pours beside the account */
      leanMl?: number;
      /** @description Water to be left as sauce */
      sauceLeftG?: number;
      /** @description The pot */
      vessel: components['schemas']['VesselSpecDto'];
      /** @description The burner */
      hob?: components['schemas']['HobSpecDto'];
      /** @description Altitude */
      altitudeM?: number;
      /** @description Room temperature */
      roomC?: number;
      /**
       * @description Texture: 1 firm, 2 one grain apart, 3 tender, 4 soft, 5 very soft
       * @enum {number}
       */
      texture?: 1 | 2 | 3 | 4 | 5;
      /** @description A crust is wanted at the base */
      crust?: boolean;
      /**
       * @description Served on its own, with a gravy, or under something salty
       * @enum {string}
       */
      served?: 'plain' | 'withGravy' | 'underSalty';
      /** @description People */
      portions?: number;
      /** @description Pots it is shared among; the answer is for one */
      pots?: number;
      /** @description Id of the salt that is added */
      saltWith?: string;
      /** @description The cook's own cup */
      cupMl?: number;
      /** @description Poured; what the answer says when left out */
      pourMl?: number;
    };
    Household: {
      /** @example Our kitchen */
      name: string;
      /** @description m above the sea */
      altitudeM: number;
      /** @description °C */
      roomC: number;
      /** @description Texture wanted, 1 firm to 5 very soft */
      texture: number;
      /** @enum {string} */
      served: 'plain' | 'underSalty';
      /** @description True when amounts are shown in g and ml first */
      metric: boolean;
      /** @description Name it as standsOn when writing */
      revision: number;
    };
    HouseholdDto: {
      /**
       * @description Name of the household
       * @example Our kitchen
       */
      name: string;
      /**
       * @description Altitude
       * @example 0
       */
      altitudeM: number;
      /**
       * @description Room temperature
       * @example 20
       */
      roomC: number;
      /**
       * @description Texture wanted
       * @enum {number}
       */
      texture: 1 | 2 | 3 | 4 | 5;
      /**
       * @description How grain is usually served
       * @enum {string}
       */
      served: 'plain' | 'underSalty';
      /** @description Show g and ml first */
      metric: boolean;
    };
    Bag: {
      /** Format: uuid */
      id: string;
      /** @description ms since the epoch */
      createdAtMs: number;
      /** @description ms since the epoch */
      updatedAtMs: number;
      /** @description Where it stands in the order of everything stored; name it as standsOn when writing */
      revision: number;
      /**
       * @description Id of the grain
       * @example basmati
       */
      grainId: string;
      /** @example Terrace long grain */
      label: string;
      /** @description What the cook wants to remember of it */
      note: string;
      /**
       * @description Day it was opened
       * @example 2026-11-01
       */
      openedOn: string | null;
    };
    BagDto: {
      /**
       * @description Id of the grain
       * @example basmati
       * @enum {string}
       */
      grainId:
        | 'longGrainWhite'
        | 'mediumGrainWhite'
        | 'shortGrainWhite'
        | 'basmati'
        | 'jasmine'
        | 'brokenWhite'
        | 'parboiledLong'
        | 'parboiledBasmati'
        | 'brownLong'
        | 'brownMedium'
        | 'brownBasmati'
        | 'millet'
        | 'littleMillet'
        | 'bulgur'
        | 'pearlBarley'
        | 'smallOvalAromatic'
        | 'redRice'
        | 'blackRice'
        | 'quinoa'
        | 'fonio'
        | 'foxtailMillet'
        | 'sorghum'
        | 'freekeh'
        | 'wheatCracked'
        | 'bulgurFine'
        | 'buckwheat';
      /**
       * @description Name of the bag
       * @example Terrace long grain
       */
      label: string;
      /** @description What the cook wants to remember of it */
      note: string;
      /**
       * Format: date
       * @description Day it was opened
       * @example 2026-11-01
       */
      openedOn?: string | null;
    };
    Vessel: {
      /** Format: uuid */
      id: string;
      /** @description ms since the epoch */
      createdAtMs: number;
      /** @description ms since the epoch */
      updatedAtMs: number;
      /** @description Where it stands in the order of everything stored; name it as standsOn when writing */
      revision: number;
      /** @example Blue enamel pot */
      label: string;
      /** @description Inside width, cm */
      diameterCm: number;
      /** @description Volume to the brim, ml */
      volumeMl: number;
      /** @enum {string} */
      lid: 'loose' | 'wellFitting' | 'tight';
      /** @enum {string} */
      wall: 'thin' | 'heavy';
      /** @enum {string} */
      kind: 'pot' | 'pressureCooker' | 'multiCooker' | 'riceCooker';
    };
    VesselDto: {
      /**
       * @description Name of the pot
       * @example Blue enamel pot
       */
      label: string;
      /**
       * @description Inside width
       * @example 22
       */
      diameterCm: number;
      /**
       * @description Volume to the brim
       * @example 4000
       */
      volumeMl: number;
      /**
       * @description How the lid fits
       * @enum {string}
       */
      lid: 'loose' | 'wellFitting' | 'tight';
      /**
       * @description Wall
       * @enum {string}
       */
      wall: 'thin' | 'heavy';
      /**
       * @description What it is; a pot when left out
       * @enum {string}
       */
      kind?: 'pot' | 'pressureCooker' | 'multiCooker' | 'riceCooker';
    };
    Hob: {
      /** Format: uuid */
      id: string;
      /** @description ms since the epoch */
      createdAtMs: number;
      /** @description ms since the epoch */
      updatedAtMs: number;
      /** @description Where it stands in the order of everything stored; name it as standsOn when writing */
      revision: number;
      /** @example Gas ring, left */
      label: string;
      /** @enum {string} */
      kind: 'gas' | 'electric' | 'induction';
      /** @description Net power by setting, W */
      powerW: {
        [key: string]: number;
      };
    };
    HobPowersDto: {
      /** @description Net power on high */
      high: number;
      /** @description Net power on medium-high */
      mediumHigh: number;
      /** @description Net power on medium */
      medium: number;
      /** @description Net power on low */
      low: number;
      /** @description Net power on the lowest setting */
      veryLow: number;
      /** @description Net power on off */
      off: number;
    };
    HobDto: {
      /**
       * @description Name of the burner
       * @example Gas ring, left
       */
      label: string;
      /**
       * @description Kind of burner
       * @enum {string}
       */
      kind: 'gas' | 'electric' | 'induction';
      /** @description Net power by setting */
      powerW: components['schemas']['HobPowersDto'];
    };
    Cup: {
      /** Format: uuid */
      id: string;
      /** @description ms since the epoch */
      createdAtMs: number;
      /** @description ms since the epoch */
      updatedAtMs: number;
      /** @description Where it stands in the order of everything stored; name it as standsOn when writing */
      revision: number;
      /** @example cup */
      label: string;
      /** @enum {string} */
      kind: 'cup' | 'spoon' | 'jug';
      /** @description Volume when full, ml */
      ml: number;
      /**
       * @description Fractions that can be filled
       * @example [
       *       "1",
       *       "1/2"
       *     ]
       */
      parts: string[];
      /** @description A jug's graduation, ml; null for others */
      stepMl: number | null;
    };
    CupDto: {
      /**
       * @description Name as it is said
       * @example cup
       */
      label: string;
      /**
       * @description What it is
       * @enum {string}
       */
      kind: 'cup' | 'spoon' | 'jug';
      /**
       * @description Volume when full
       * @example 240
       */
      ml: number;
      /**
       * @description Fractions of it that can be filled
       * @example [
       *       "1",
       *       "1/2"
       *     ]
       */
      parts: string[];
      /** @description A jug's graduation */
      stepMl?: number | null;
    };
    Dish: {
      /** Format: uuid */
      id: string;
      /** @description ms since the epoch */
      createdAtMs: number;
      /** @description ms since the epoch */
      updatedAtMs: number;
      /** @description Where it stands in the order of everything stored; name it as standsOn when writing */
      revision: number;
      /** @example Bellows pilaf */
      label: string;
      /** @description One line about it */
      blurb: string;
      /** @description The dish as a plan without a pot */
      spec: components['schemas']['DishSpecDto'];
    };
    DishSpecDto: {
      /**
       * @description Id of the grain
       * @example longGrainWhite
       */
      grainId: string;
      /** @description How much raw grain */
      grain: components['schemas']['AmountDto'];
      /**
       * @description Washing
       * @enum {string}
       */
      wash?: 'unwashed' | 'rinsed' | 'untilClear';
      /** @description Soak */
      soakMin?: number;
      /** @description Temperature of the soak water */
      soakWaterC?: number;
      /**
       * @description Reused soak water is part of the pour, measured before the grain goes into it
       * @enum {string}
       */
      soakWater?: 'thrown' | 'reused';
      /**
       * @description Draining
       * @enum {string}
       */
      drain?: 'shaken' | 'sieve';
      /** @description Minutes in the sieve */
      sieveMin?: number;
      /**
       * @description Toasting
       * @enum {string}
       */
      toast?: 'none' | 'coated' | 'glossy' | 'opaque' | 'golden' | 'deep';
      /**
       * @description Method
       * @enum {string}
       */
      method?:
        | 'coveredAbsorption'
        | 'boilDown'
        | 'liquidFirst'
        | 'stewSteam'
        | 'fryDry'
        | 'absorbButter'
        | 'pressureCooker'
        | 'multiCooker'
        | 'riceCooker';
      /** @description The method's times, where they differ from its own */
      timing?: components['schemas']['TimingDto'];
      /** @description Stages that replace the method's own */
      stages?: components['schemas']['StageDto'][];
      /** @description Everything else that goes in */
      ingredients?: components['schemas']['IngredientDto'][];
      /** @description The household's own ingredients that the plan names */
      own?: components['schemas']['OwnIngredientDto'][];
      /** @description What is known of the base */
      base?: components['schemas']['BaseDto'];
      /**
       * @description Id of the liquid whose amount is asked for
       * @example water
       */
      pourWith?: string;
      /** @description All there is of the liquid */
      pourMost?: components['schemas']['AmountDto'];
      /** @description Id of the liquid that makes up the rest */
      thenWith?: string;
      /** @description Share kept back and added hot later */
      laterShare?: number;
      /** @description Its temperature when poured */
      liquidTempC?: number;
      /**
       * @description A rule to pour by whatever the account says
       * @enum {string}
       */
      holdTo?:
        'oneToOne' | 'oneToOneHalf' | 'oneToTwo' | 'halfInch' | 'firstJoint' | 'twoFingers' | 'baseOnly';
      /** @description What the cook pours beside the account */
      leanMl?: number;
      /** @description Water to be left as sauce */
      sauceLeftG?: number;
      /**
       * @description Texture: 1 firm, 2 one grain apart, 3 tender, 4 soft, 5 very soft
       * @enum {number}
       */
      texture?: 1 | 2 | 3 | 4 | 5;
      /** @description A crust is wanted at the base */
      crust?: boolean;
      /**
       * @description Served on its own, with a gravy, or under something salty
       * @enum {string}
       */
      served?: 'plain' | 'withGravy' | 'underSalty';
      /** @description People */
      portions?: number;
      /** @description Pots it is shared among; the answer is for one */
      pots?: number;
      /** @description Id of the salt that is added */
      saltWith?: string;
    };
    DishDto: {
      /**
       * @description Name of the dish
       * @example Bellows pilaf
       */
      label: string;
      /** @description One line about it */
      blurb: string;
      /** @description The dish as a plan without a pot */
      spec: components['schemas']['DishSpecDto'];
    };
    OwnIngredient: {
      /** Format: uuid */
      id: string;
      /** @description ms since the epoch */
      createdAtMs: number;
      /** @description ms since the epoch */
      updatedAtMs: number;
      /** @description Where it stands in the order of everything stored; name it as standsOn when writing */
      revision: number;
      /** @example Red jar */
      label: string;
      /** @description like, body, water, fat, salt (g per 100 g), densityGPerMl, behaves, allergens */
      figures: {
        [key: string]: unknown;
      };
    };
    FiguresDto: {
      /** @description Id of what it is like */
      like?: string;
      /**
       * @description Against what it is like
       * @enum {string}
       */
      body?: 'thinner' | 'same' | 'thicker';
      /** @description Water */
      water?: number;
      /** @description Fat */
      fat?: number;
      /** @description Salt */
      salt?: number;
      /** @description Bulk density */
      densityGPerMl?: number;
      /**
       * @description How it gives up its water
       * @enum {string}
       */
      behaves?:
        | 'liquid'
        | 'cultured'
        | 'coconutMilk'
        | 'tomato'
        | 'smoothTomato'
        | 'onion'
        | 'softVegetable'
        | 'hardVegetable'
        | 'potato'
        | 'frozenVegetable'
        | 'driedVegetable'
        | 'driedFruit'
        | 'desiccated'
        | 'mushroom'
        | 'meat'
        | 'fat'
        | 'dry'
        | 'noodle'
        | 'wholePulse'
        | 'splitPulse'
        | 'soyChunk';
      /** @description Allergens */
      allergens?: string[];
    };
    KeptIngredientDto: {
      /**
       * @description Name
       * @example Red jar
       */
      label: string;
      /** @description What it is like, or its water, fat and salt */
      figures: components['schemas']['FiguresDto'];
    };
    OwnMethod: {
      /** Format: uuid */
      id: string;
      /** @description ms since the epoch */
      createdAtMs: number;
      /** @description ms since the epoch */
      updatedAtMs: number;
      /** @description Where it stands in the order of everything stored; name it as standsOn when writing */
      revision: number;
      /** @example Double cloth */
      label: string;
      /** @example boilDown */
      method: string;
      stages: {
        [key: string]: unknown;
      }[];
    };
    OwnMethodDto: {
      /**
       * @description Name of the method
       * @example Double cloth
       */
      label: string;
      /**
       * @description What it began as
       * @enum {string}
       */
      method:
        | 'coveredAbsorption'
        | 'boilDown'
        | 'liquidFirst'
        | 'stewSteam'
        | 'fryDry'
        | 'absorbButter'
        | 'pressureCooker'
        | 'multiCooker'
        | 'riceCooker';
      /** @description Its stages in order */
      stages: components['schemas']['StageDto'][];
    };
    SteamTest: {
      /** Format: uuid */
      id: string;
      /** @description ms since the epoch */
      createdAtMs: number;
      /** @description ms since the epoch */
      updatedAtMs: number;
      /** @description Where it stands in the order of everything stored; name it as standsOn when writing */
      revision: number;
      /** @example Blue enamel pot on the gas ring, low */
      label: string;
      /** Format: uuid */
      vesselId: string;
      /** Format: uuid */
      hobId: string;
      /** @example low */
      heat: string;
      /** @description Lost with the lid on, g */
      coveredLossG: number;
      /** @description over so many minutes */
      coveredMin: number;
      /** @description Lost open, g */
      openLossG: number;
      /** @description over so many minutes */
      openMin: number;
    };
    SteamTestDto: {
      /**
       * @description Which pot on which hob
       * @example Blue enamel pot on the gas ring, low
       */
      label: string;
      /**
       * Format: uuid
       * @description The pot
       */
      vesselId: string;
      /**
       * Format: uuid
       * @description The hob
       */
      hobId: string;
      /**
       * @description Setting of the hob
       * @enum {string}
       */
      heat: 'high' | 'mediumHigh' | 'medium' | 'low' | 'veryLow' | 'off';
      /** @description Lost with the lid on */
      coveredLossG: number;
      /** @description over so many minutes */
      coveredMin: number;
      /** @description Lost open */
      openLossG: number;
      /** @description over so many minutes */
      openMin: number;
    };
    Plan: {
      /** Format: uuid */
      id: string;
      /** @description ms since the epoch */
      createdAtMs: number;
      /** @description ms since the epoch */
      updatedAtMs: number;
      /** @description Where it stands in the order of everything stored; name it as standsOn when writing */
      revision: number;
      /** Format: uuid */
      dishId: string | null;
      /**
       * @description What is being made
       * @example Bellows pilaf
       */
      label: string;
      bagId: string | null;
      vesselId: string | null;
      hobId: string | null;
      cupId: string | null;
      /** @description The plan as it is asked about */
      input: components['schemas']['PlanDto'];
    };
    PlanDto: {
      /**
       * @description Id of the grain
       * @example longGrainWhite
       */
      grainId: string;
      /** @description How much raw grain */
      grain: components['schemas']['AmountDto'];
      /**
       * @description Washing
       * @enum {string}
       */
      wash?: 'unwashed' | 'rinsed' | 'untilClear';
      /** @description Soak */
      soakMin?: number;
      /** @description Temperature of the soak water */
      soakWaterC?: number;
      /**
       * @description Reused soak water is part of the pour, measured before the grain goes into it
       * @enum {string}
       */
      soakWater?: 'thrown' | 'reused';
      /**
       * @description Draining
       * @enum {string}
       */
      drain?: 'shaken' | 'sieve';
      /** @description Minutes in the sieve */
      sieveMin?: number;
      /**
       * @description Toasting
       * @enum {string}
       */
      toast?: 'none' | 'coated' | 'glossy' | 'opaque' | 'golden' | 'deep';
      /**
       * @description Method
       * @enum {string}
       */
      method?:
        | 'coveredAbsorption'
        | 'boilDown'
        | 'liquidFirst'
        | 'stewSteam'
        | 'fryDry'
        | 'absorbButter'
        | 'pressureCooker'
        | 'multiCooker'
        | 'riceCooker';
      /** @description The method's times, where they differ from its own */
      timing?: components['schemas']['TimingDto'];
      /** @description Stages that replace the method's own */
      stages?: components['schemas']['StageDto'][];
      /** @description Everything else that goes in */
      ingredients?: components['schemas']['IngredientDto'][];
      /** @description The household's own ingredients that the plan names */
      own?: components['schemas']['OwnIngredientDto'][];
      /** @description What is known of the base */
      base?: components['schemas']['BaseDto'];
      /**
       * @description Id of the liquid whose amount is asked for
       * @example water
       */
      pourWith?: string;
      /** @description All there is of the liquid */
      pourMost?: components['schemas']['AmountDto'];
      /** @description Id of the liquid that makes up the rest */
      thenWith?: string;
      /** @description Share kept back and added hot later */
      laterShare?: number;
      /** @description Its temperature when poured */
      liquidTempC?: number;
      /**
       * @description A rule to pour by whatever the account says
       * @enum {string}
       */
      holdTo?:
        'oneToOne' | 'oneToOneHalf' | 'oneToTwo' | 'halfInch' | 'firstJoint' | 'twoFingers' | 'baseOnly';
      /** @description What the cook pours beside the account */
      leanMl?: number;
      /** @description Water to be left as sauce */
      sauceLeftG?: number;
      /** @description The pot */
      vessel: components['schemas']['VesselSpecDto'];
      /** @description The burner */
      hob?: components['schemas']['HobSpecDto'];
      /** @description Altitude */
      altitudeM?: number;
      /** @description Room temperature */
      roomC?: number;
      /**
       * @description Texture: 1 firm, 2 one grain apart, 3 tender, 4 soft, 5 very soft
       * @enum {number}
       */
      texture?: 1 | 2 | 3 | 4 | 5;
      /** @description A crust is wanted at the base */
      crust?: boolean;
      /**
       * @description Served on its own, with a gravy, or under something salty
       * @enum {string}
       */
      served?: 'plain' | 'withGravy' | 'underSalty';
      /** @description People */
      portions?: number;
      /** @description Pots it is shared among; the answer is for one */
      pots?: number;
      /** @description Id of the salt that is added */
      saltWith?: string;
      /** @description The cook's own cup */
      cupMl?: number;
    };
    StoredPlanDto: {
      /**
       * Format: uuid
       * @description The dish it is
       */
      dishId?: string | null;
      /**
       * @description What is being made
       * @example Bellows pilaf
       */
      label: string;
      /**
       * Format: uuid
       * @description The bag of grain
       */
      bagId?: string | null;
      /**
       * Format: uuid
       * @description The pot
       */
      vesselId?: string | null;
      /**
       * Format: uuid
       * @description The burner
       */
      hobId?: string | null;
      /**
       * Format: uuid
       * @description The cup
       */
      cupId?: string | null;
      /** @description The plan as it is asked about */
      input: components['schemas']['PlanDto'];
    };
    Outcome: {
      /** @description 1 hard, 2 a little firm, 3 as wanted, 4 a little soft, 5 mushy */
      texture: number;
      /** @enum {string} */
      base: 'clean' | 'golden' | 'dark' | 'burnt';
      /** @description One line for next time */
      note: string;
      /** @description ms since the epoch */
      atMs: number;
    };
    CookLine: {
      /** Format: uuid */
      id: string;
      dishId: string | null;
      bagId: string | null;
      vesselId: string | null;
      hobId: string | null;
      cupId: string | null;
      /** @example Bellows pilaf */
      label: string;
      /** @description What was advised, ml */
      advisedMl: number;
      /** @description What was poured, ml; null until it is said */
      pouredMl: number | null;
      /** @description ms since the epoch */
      startedAtMs: number;
      /** @description True when it was given up */
      abandoned: boolean;
      /** @description Of what was said about it; name it as standsOn when saying more */
      revision: number;
      outcome: components['schemas']['Outcome'] | null;
    };
    DishUse: {
      /** Format: uuid */
      dishId: string;
      cooks: number;
      /** @description Those with an outcome */
      judged: number;
      /** @description Those that came out as wanted */
      asWanted: number;
      /** @description ms since the epoch */
      lastAtMs: number;
    };
    StageEventRow: {
      /** Format: uuid */
      id: string;
      /** @enum {string} */
      kind: 'start' | 'done' | 'extend' | 'undo';
      /** @example simmer */
      stageId: string;
      /** @description When it was tapped, ms since the epoch */
      atMs: number;
      /** @description Minutes added, for extend */
      minutes: number | null;
      /** @description Its place in the order the server took taps in */
      seq: number;
      /** @description The last tap its device knew of */
      followsId: string | null;
      /** @description For undo: the tap it takes back */
      undoesId: string | null;
    };
    Cook: {
      /** Format: uuid */
      id: string;
      dishId: string | null;
      bagId: string | null;
      vesselId: string | null;
      hobId: string | null;
      cupId: string | null;
      /** @example Bellows pilaf */
      label: string;
      input: components['schemas']['PlanDto'];
      /** @description The answer as it was then */
      answer: components['schemas']['AnswerReply'];
      /** @description What was advised, ml */
      advisedMl: number;
      /** @description What was poured, ml; null until it is said */
      pouredMl: number | null;
      /** @description ms since the epoch */
      startedAtMs: number;
      /** @description True when it was given up */
      abandoned: boolean;
      /** @description Of what was said about it; name it as standsOn when saying more */
      revision: number;
      events: components['schemas']['StageEventRow'][];
      outcome: components['schemas']['Outcome'] | null;
    };
    CookDto: {
      /**
       * Format: uuid
       * @description The dish it is
       */
      dishId?: string | null;
      /**
       * @description What is being made
       * @example Bellows pilaf
       */
      label: string;
      /**
       * Format: uuid
       * @description The bag of grain
       */
      bagId?: string | null;
      /**
       * Format: uuid
       * @description The pot
       */
      vesselId?: string | null;
      /**
       * Format: uuid
       * @description The burner
       */
      hobId?: string | null;
      /**
       * Format: uuid
       * @description The cup
       */
      cupId?: string | null;
      /** @description The plan as it is asked about */
      input: components['schemas']['PlanDto'];
      /** @description When it began, where that is known by a clock that is right; a device says agoMs instead */
      startedAtMs?: number;
    };
    OutcomeDto: {
      /**
       * @description 1 hard, 2 a little firm, 3 as wanted, 4 a little soft, 5 mushy
       * @enum {number}
       */
      texture: 1 | 2 | 3 | 4 | 5;
      /**
       * @description The base of the pot
       * @enum {string}
       */
      base: 'clean' | 'golden' | 'dark' | 'burnt';
      /** @description One line for next time */
      note: string;
      /** @description When it was judged, where that is known by a clock that is right; a device says agoMs instead */
      atMs?: number;
    };
    CookChangeDto: {
      /** @description What was really poured */
      pouredMl?: number | null;
      /** @description True when it was given up */
      abandoned?: boolean;
      /** @description How it came out */
      outcome?: components['schemas']['OutcomeDto'] | null;
    };
    StageEventDto: {
      /**
       * @description What was tapped
       * @enum {string}
       */
      kind: 'start' | 'done' | 'extend' | 'undo';
      /**
       * @description Stage of the plan
       * @example simmer
       */
      stageId: string;
      /** @description When it was tapped, where that is known by a clock that is right; a device says agoMs instead */
      atMs?: number;
      /** @description Minutes added, for extend */
      minutes?: number | null;
      /**
       * Format: uuid
       * @description The last tap of this cook its device knew of
       */
      followsId?: string | null;
      /**
       * Format: uuid
       * @description For undo: the tap it takes back
       */
      undoesId?: string | null;
    };
    CopyDto: {
      /** @example hammock-2026-11-26T18-42-00-000-kept.sqlite */
      name: string;
      bytes: number;
      /** @description ms since the epoch */
      madeAtMs: number;
    };
    /** @description An answer as the server gives it: with the cautions that apply. */
    AnswerReply: {
      cautions: components['schemas']['Caution'][];
      /** @description Where they were asked for. */
      odds?: components['schemas']['Odds'];
      /** @description The liquid whose amount was open: the last of `pours`. */
      pour: components['schemas']['Pour'];
      /** @description Everything that is poured, in order: all the stock there is, then water. */
      pours: components['schemas']['Pour'][];
      /** @description Whether to pour at all: `nothing` when the base is enough, `tooMuch` when it brings more than that. */
      verdict: components['schemas']['Verdict'];
      /** @description The pour in two additions, ml; `laterMl` is 0 when all goes in at once. */
      additions: {
        nowMl: number;
        laterMl: number;
      };
      /** @description Three ways out when the base brings too much. */
      waysOut?: components['schemas']['WaysOut'];
      /** @description Hot liquid to keep ready: one standard deviation of the pour's doubt. */
      keepBy: {
        g: number;
        ml: number;
      };
      account: {
        terms: components['schemas']['Term'][];
        /** @description comesFrom − goesTo, g; 0 but for rounding of the last digit. */
        closesToG: number;
        steam: components['schemas']['StageSteam'][];
        /**
         * @description How the iteration ended.
         * @enum {string}
         */
        ended: 'converged' | 'limitReached';
      };
      base: components['schemas']['BaseAccount'];
      salt: components['schemas']['SaltAccount'];
      levels: components['schemas']['Levels'];
      /** @description Cooked moisture aimed at, wet basis %. */
      target: {
        low: number;
        aim: number;
        high: number;
      };
      /** @description Cooked moisture this pour gives, wet basis %, and its place on the five-step scale. */
      comesOut: {
        moisture: number;
        texture: number;
      };
      /** @description Pours in ml at which the grain leaves the wanted texture, and the whole scale. */
      window: components['schemas']['Window'];
      /** @description What rules of thumb would pour here. */
      rules: components['schemas']['RuleAnswer'][];
      /** @description The rule that is held to, and what the account would have poured, ml. */
      held?: {
        rule: components['schemas']['Rule'];
        accountMl: number;
      };
      /** @description What the account would have poured, ml, where the cook pours beside it. */
      leans?: {
        accountMl: number;
      };
      doubt: components['schemas']['Doubt'];
      boil: components['schemas']['Boil'];
      grainG: number;
      portions: number;
      /** @description Pots that each get this answer. */
      pots: number;
      /** @description The stages the account was made for, with the times this pot needs. */
      stages: components['schemas']['Stage'][];
      /** @description The same pot with twice of everything: why the pour does not double. */
      doubled: {
        pourMl: number;
        ratio: number;
        steamG: number;
      };
      warnings: components['schemas']['Warning'][];
    };
    /** @description A usual caution that applies to this pot. */
    Caution: {
      code: components['schemas']['CautionCode'];
      /** @description For `allergens`: which. */
      allergens?: components['schemas']['Allergen'][];
    };
    /** @enum {string} */
    CautionCode:
      | 'leftovers'
      | 'steamBurn'
      | 'hotFat'
      | 'wetGrainInFat'
      | 'rawMeat'
      | 'allergens'
      | 'lowSodiumSalt'
      | 'hotChilli'
      | 'wholeSpices'
      | 'pressure'
      | 'coverAtFlame'
      | 'turningOut';
    /** @enum {string} */
    Allergen:
      | 'milk'
      | 'eggs'
      | 'gluten'
      | 'nuts'
      | 'peanuts'
      | 'crustaceans'
      | 'molluscs'
      | 'fish'
      | 'soy'
      | 'celery'
      | 'sesame'
      | 'mustard';
    /** @description How sure it is, and what to pour because of it. */
    Odds: {
      /** @description Kitchens that were simulated. */
      draws: number;
      seed: number;
      /** @description For the account's own pour. */
      planned: components['schemas']['OddsPoint'];
      /** @description From little to much, for sliding along. */
      curve: components['schemas']['OddsPoint'][];
      /** @description For the covered minutes, at the account's pour; empty when no stage has minutes. */
      minutes: {
        min: number;
        chances: components['schemas']['Chances'];
      }[];
      /** @description What to pour, what to keep hot by, and what that comes to. */
      best: {
        keepByMl: number;
        /** @description Covered minutes that do better than the plan's, where any do. */
        coveredMin?: number;
        /** @description Water poured, g, and liquid, ml of what the plan pours. */
        waterG: number;
        ml: number;
        chances: components['schemas']['Chances'];
      };
      looks: components['schemas']['Look'][];
      /** @description Measurements and what they would gain, the best first. */
      measures: components['schemas']['WorthMeasuring'][];
    };
    /** @description Chances for one choice. */
    OddsPoint: {
      /** @description Water poured, g, and liquid, ml of what the plan pours. */
      waterG: number;
      ml: number;
      chances: components['schemas']['Chances'];
    };
    /** @description How likely each end of a pot is, 0–1. The first three are of the grain; the others can come on top. */
    Chances: {
      hard: number;
      asWanted: number;
      tooSoft: number;
      wetTop: number;
      caught: number;
    };
    /** @description When to look, what should be seen, and what to do when it is not. */
    Look: {
      stageId: string;
      /** @description Minutes after the stage began; its end when it is the stage's own minutes. */
      afterMin: number;
      expect: components['schemas']['Seen'];
      /** @description Hot liquid to add when it is dry already, ml. */
      dryAddMl: number;
      /** @description Minutes to leave it on when it is still wet. */
      wetLongerMin: number;
    };
    /**
     * @description What is to be seen in the pot when a stage is over.
     * @enum {string}
     */
    Seen:
      | 'nothingYet'
      | 'warming'
      | 'liquidOver'
      | 'levelWithGrain'
      | 'holes'
      | 'absorbed'
      | 'crackles'
      | 'scorched'
      | 'underPressure';
    /** @description What a measurement would gain. */
    WorthMeasuring: {
      act: components['schemas']['MeasureAct'];
      /** @description Share of pots as wanted now and once it is measured, each with the pour that is best then. */
      now: number;
      then: number;
    };
    /**
     * @description A measurement a cook can make.
     * @enum {string}
     */
    MeasureAct: 'weighGrain' | 'weighBase' | 'waterTest';
    /** @description An amount of a liquid poured. */
    Pour: {
      ingredientId: string;
      /** @description Mass and volume of the liquid; negative when the base alone brings too much. */
      g: number;
      ml: number;
      /** @description The water in it, which is what the account solves for. */
      waterG: number;
    };
    /**
     * @description Whether to pour at all.
     * @enum {string}
     */
    Verdict: 'pour' | 'nothing' | 'tooMuch';
    /** @description Three ways out of a base that brings more water than the grain can take; each alone is enough. */
    WaysOut: {
      /** @description Water too much, g. */
      overG: number;
      /** @description Base to ladle out, or where none is cooked what to leave out of what brings water, g; and the salt in it. */
      takeOutG: number;
      /** @enum {string} */
      takeOutOf: 'base' | 'raw';
      takeOutSaltG: number;
      /** @description Minutes to cook it down open on the base's heat, and that heat. */
      cookDownMin: number;
      heat: string;
      /** @description Grain to add, g. */
      addGrainG: number;
    };
    /** @description One term of the water account. `comesFrom` terms bring water to the pot, `goesTo` terms take it; all the comesFrom together equal all the goesTo together. */
    Term: {
      id: string;
      kind: components['schemas']['TermKind'];
      /** @enum {string} */
      side: 'comesFrom' | 'goesTo';
      /** @description Water, g. Only the pour can be negative. */
      g: number;
      /** @description The ingredient or stage it belongs to, where it belongs to one. */
      of?: string;
      /** @description The numbers it was worked out from; names carry their units. */
      inputs: {
        [key: string]: number | string;
      };
    };
    /**
     * @description What a term of the account is.
     * @enum {string}
     */
    TermKind: 'absorbed' | 'steamLost' | 'heldByOthers' | 'drunkByOthers' | 'broughtIn' | 'clinging' | 'pour';
    /** @description Steam of one stage, or of what is lost besides: under the lid, into a cloth, at the table. */
    StageSteam: {
      stageId: string;
      act: components['schemas']['Act'] | 'serve' | 'lid' | 'cloth';
      /** @description Minutes it takes in this pot. */
      minutes: number;
      /** @description Vapour lost, g. */
      g: number;
      /** @description The rate at the boil, g/min; 0 for a stage that only warms or rests. */
      ratePerMin: number;
      /** @description False when a stage that should reach the boil cannot. */
      boils: boolean;
    };
    /** @enum {string} */
    Act:
      | 'soak'
      | 'drain'
      | 'warmFat'
      | 'base'
      | 'ladle'
      | 'toast'
      | 'fryDry'
      | 'boil'
      | 'grain'
      | 'openBoil'
      | 'boilDown'
      | 'butter'
      | 'pressureUp'
      | 'pressure'
      | 'release'
      | 'cook'
      | 'turn'
      | 'simmer'
      | 'steam'
      | 'rest';
    /** @description The base: what the fire took from it and what was ladled out. */
    BaseAccount: {
      /** @enum {string} */
      by: 'state' | 'heat' | 'weighed';
      /** @description What the whole base weighs when the liquid goes in, g. */
      massG: number;
      drivenOffG: number;
      /** @description What its states alone would say was driven off: the check on heat and scale, g. */
      byStatesG: number;
      /** @description Water it still gives to the grain, before any is ladled out, g. */
      bringsG: number;
      ladledShare: number;
      ladledSaltG: number;
      /** @description What went in, and the least it could cook down to, g. */
      wentInG: number;
      leastG: number;
    };
    /** @description The salt account: what is in, what to add, and how the liquid should taste before the lid goes on. */
    SaltAccount: {
      sources: components['schemas']['SaltSource'][];
      /** @description Salt already in, with the pour's own, g. */
      inG: number;
      /** @description Salt to add, g of salt; 0 when there is enough. */
      addG: number;
      /** @description The same in level teaspoons of fine salt. */
      addFineTsp: number;
      /** @description The same of the salt this kitchen adds: its grams and level teaspoons. */
      addWith: {
        ingredientId: string;
        g: number;
        tsp: number;
      };
      /** @description Band aimed at, % of the cooked pot. */
      band: {
        low: number;
        aim: number;
        high: number;
      };
      /** @description % of the cooked pot once `addG` is in. */
      cookedPercent: number;
      /** @description % of the liquid that tastes right before cooking. */
      liquidPercent: number;
      /** @description Tasted flat after all: one more step of this many g. Tasted too salty: this much plain water thins it by one step. */
      stepG: number;
      thinMl: number;
      /** @description Salt that left with ladled stew, g. */
      ladledG: number;
      cookedG: number;
      perPortionG: number;
      /** @description Share of the adult's daily guideline in one portion, 0–1 and over. */
      shareOfDay: number;
    };
    /** @description One place salt comes from. */
    SaltSource: {
      ingredientId: string;
      g: number;
    };
    /** @description How high things stand in this pot, mm from its floor, for drawing it and for checking that it fits. */
    Levels: {
      potMm: number;
      /** @description The settled raw grain with what lies among it. */
      grainMm: number;
      /** @description The surface of the liquid when it is poured. */
      liquidMm: number;
      /** @description Liquid above the grain, mm; negative when it stays among it. */
      aboveGrainMm: number;
      /** @description The same by the first joint of a finger, and in half inches. */
      joints: number;
      halfInches: number;
      /** @description Pour at which the liquid only shows at the corners, level with the grain, ml. */
      cornersMl: number;
      /** @description The cooked bed. */
      cookedMm: number;
      /** @description Share of the pot that is full before anything swells, and after. */
      fullShare: number;
      swollenShare: number;
      /** @description Share that may be full before swelling: two thirds, or half under pressure. */
      mostShare: number;
      /** @description Volume the pot has to hold at its fullest, ml. */
      needsMl: number;
      /** @description Most grain of this dish that this pot takes, g. */
      largestGrainG: number;
    };
    /** @description Pours at which the grain leaves the wanted texture, and the whole scale, ml. */
    Window: {
      hardMl: number;
      lowMl: number;
      highMl: number;
      mushMl: number;
    };
    /** @description What a rule of thumb would pour here and what would come of it. */
    RuleAnswer: {
      rule: components['schemas']['Rule'];
      /** @description ml of the liquid that is poured. */
      ml: number;
      /** @description Cooked moisture it gives, wet basis %. */
      moisture: number;
      /** @description Where that lies on the five-step scale; under 0.5 is hard, over 5.5 is mush. */
      texture: number;
    };
    /** @enum {string} */
    Rule: 'oneToOne' | 'oneToOneHalf' | 'oneToTwo' | 'halfInch' | 'firstJoint' | 'twoFingers' | 'baseOnly';
    Doubt: {
      /** @description All parts together, as independent: root of the sum of squares, g. */
      g: number;
      /** @description Largest first. */
      parts: components['schemas']['DoubtPart'][];
    };
    /** @description What is not known exactly, and how many grams of the pour hang on it (one standard deviation). */
    DoubtPart: {
      /** @enum {string} */
      code: 'grainMass' | 'grainMoisture' | 'bag' | 'hobPower' | 'lidLeak' | 'broughtIn' | 'timing';
      g: number;
    };
    /** @description Where water boils and what a gram of steam costs there. */
    Boil: {
      tempC: number;
      latentKJPerKg: number;
      /** @description Air pressure there, which is the vapour pressure at the boil, kPa. */
      kPa: number;
    };
    /** @description One stage of a method: an act, its fire (heat, lid, spreader, wrapping) and its end. */
    Stage: {
      heat: components['schemas']['HeatSetting'];
      lid: components['schemas']['LidState'];
      /** @description A flat pan or plate between ring and pot. */
      spreader?: boolean;
      /** @description Wrapped up, in an insulated box or under quilts. */
      insulated?: boolean;
      id: string;
      act: components['schemas']['Act'];
      end: components['schemas']['StageEnd'];
    };
    /** @enum {string} */
    HeatSetting: 'high' | 'mediumHigh' | 'medium' | 'low' | 'veryLow' | 'off';
    /**
     * @description How the pot is closed during a stage.
     * @enum {string}
     */
    LidState: 'off' | 'ajar' | 'on' | 'cloth' | 'foil' | 'parchment' | 'sealed' | 'pressure';
    /** @description A stage ends after minutes, on a count of whistles, on a sign, or when the cooker's switch flips; all but the first with the minutes it usually takes, where the plan knows. */
    StageEnd:
      | {
          /** @enum {string} */
          kind: 'minutes';
          minutes: number;
        }
      | {
          /** @enum {string} */
          kind: 'count';
          count: number;
          expectMin: number;
        }
      | {
          /** @enum {string} */
          kind: 'sign';
          sign: components['schemas']['Sign'];
          expectMin: number;
        }
      | {
          /** @enum {string} */
          kind: 'flip';
          expectMin: number;
        };
    /** @enum {string} */
    Sign:
      | 'drained'
      | 'fatShimmers'
      | 'baseReady'
      | 'oilRising'
      | 'grainColour'
      | 'stewTakenUp'
      | 'boilAllOver'
      | 'levelWithGrain'
      | 'holes'
      | 'absorbed'
      | 'atPressure'
      | 'firstWhistle'
      | 'pressureDown'
      | 'crackles'
      | 'toastySmell';
    /** @description Something the cook should know before pouring; `values` carry the numbers its wording needs. */
    Warning: {
      code: components['schemas']['WarningCode'];
      values: {
        [key: string]: number | string;
      };
    };
    /** @enum {string} */
    WarningCode:
      | 'baseAlone'
      | 'overTwoThirds'
      | 'deepBed'
      | 'mostlySteam'
      | 'altitude'
      | 'soakTooLong'
      | 'tooSalty'
      | 'thickCatches'
      | 'acidSlows'
      | 'sugarCatches'
      | 'coveredShort'
      | 'slowBoil'
      | 'runsDry';
    /** @description The pot over time, minutes from the pour; bed 0 lies on the floor. */
    CourseReply: components['schemas']['Course'];
    /** @description The pot over time. */
    Course: {
      /** @description What is done before the liquid goes in; it ends at minute 0. */
      before: components['schemas']['BeforeStage'][];
      stages: components['schemas']['CookedStage'][];
      series: components['schemas']['CourseSeries'];
      outcome: components['schemas']['PotOutcome'];
      troubles: components['schemas']['Trouble'][];
      /** @description Water poured, g, and dry matter of the grain, g. */
      pourWaterG: number;
      dryG: number;
      minutes: number;
      waterClosesToG: number;
      /** @description Heat put in less heat lost less heat there is, kJ, and the heat put in. */
      heat: {
        closesToKJ: number;
        inKJ: number;
      };
    };
    /** @description A stage before the liquid, as it goes in this pot. */
    BeforeStage: {
      stageId: string;
      act: components['schemas']['Act'];
      /** @description Minutes before the liquid goes in, so both are negative or zero. */
      fromMin: number;
      toMin: number;
      /** @description Temperature of the pot at its end, °C. */
      tempC: number;
      /** @description How far a soak has come, 0–1; the colour of what is toasted; the share of its water a base has let go. */
      soaked?: number;
      colour?: components['schemas']['Colour'];
      colourValue?: number;
      cookedDown?: number;
      /** @description Colour of noodles fried in the fat before anything else goes in. */
      noodles?: components['schemas']['Colour'];
      /** @description W of the grain at the end, where the stage changes it. */
      w?: number;
    };
    /**
     * @description How far grain or noodles have coloured in the fat, from least to most.
     * @enum {string}
     */
    Colour: 'raw' | 'coated' | 'glossy' | 'opaque' | 'golden' | 'deep';
    /** @description A stage as it went in this pot. */
    CookedStage: {
      stageId: string;
      act: components['schemas']['Act'] | 'serve';
      fromMin: number;
      toMin: number;
      ended: components['schemas']['Ended'];
      seen: components['schemas']['Seen'];
      steamG: number;
    };
    /**
     * @description How a stage came to its end.
     * @enum {string}
     */
    Ended: 'minutes' | 'sign' | 'count' | 'flip' | 'gaveUp' | 'told';
    /** @description Everything against time, one number a moment in each row; minutes from the pour. */
    CourseSeries: {
      minutes: number[];
      tempC: number[];
      freeG: number[];
      /** @description Water of the beds from the floor up, g per g of dry matter. */
      w: number[][];
      done: number[][];
      baseC: number[];
      browning: number[];
      steamG: number[];
      starchG: number[];
      topG: number[];
      lidG: number[];
    };
    /** @description How a pot came out, in numbers and bands. */
    PotOutcome: {
      /** @description Mean moisture of the grain at the table, wet basis %. */
      moisture: number;
      /** @description At the end of the rest. */
      restedMoisture: number;
      /** @description Place on the household's five-step scale, as this bag feels at that moisture. */
      texture: number;
      /** @description From the floor up, at the end of the rest. */
      beds: components['schemas']['BedOutcome'][];
      /** @description How well the grains stay apart, 0 (one mass) to 1 (each by itself). */
      apart: number;
      browning: number;
      base: components['schemas']['BaseBand'];
      /** @description Liquid nobody has drunk, g, besides film and sauce. */
      leftG: number;
      /** @description Water hanging on the top grains, g/m². */
      topGPerM2: number;
      broken: number;
      flags: components['schemas']['PotFlags'];
    };
    /** @description A bed of grain as it comes out. */
    BedOutcome: {
      /** @description Wet basis %. */
      moisture: number;
      /** @description Cooked fraction, 0–1. */
      done: number;
    };
    /**
     * @description How the base looks when the pot is empty.
     * @enum {string}
     */
    BaseBand: 'clean' | 'golden' | 'dark' | 'burnt';
    /** @description What a cook would find fault with. */
    PotFlags: {
      hardCentre: boolean;
      tooHard: boolean;
      tooSoft: boolean;
      wetTop: boolean;
      wetPot: boolean;
      dryTop: boolean;
      caught: boolean;
      paleBase: boolean;
      broken: boolean;
    };
    /** @description What went wrong, when, why, and what would have avoided it. */
    Trouble: {
      code: components['schemas']['TroubleCode'];
      why: components['schemas']['TroubleWhy'];
      atMin: number;
      stageId?: string;
      values: {
        [key: string]: number;
      };
      /** @description Changes that were cooked and do avoid it; empty when none of the usual ones does. */
      avoidedBy: components['schemas']['Change'][];
    };
    /**
     * @description What can go wrong with a pot.
     * @enum {string}
     */
    TroubleCode:
      | 'hardCentre'
      | 'tooHard'
      | 'tooSoft'
      | 'wetTop'
      | 'wetPot'
      | 'dryTop'
      | 'caught'
      | 'paleBase'
      | 'broken'
      | 'boiledOver'
      | 'ranDry'
      | 'neverBoiled'
      | 'noLiquid';
    /** @enum {string} */
    TroubleWhy:
      | 'tooLittlePoured'
      | 'tooMuchPoured'
      | 'boiledOff'
      | 'shortTime'
      | 'tooCool'
      | 'openTop'
      | 'noRest'
      | 'condensate'
      | 'thickBase'
      | 'tooHot'
      | 'dryBed'
      | 'notLongEnough'
      | 'foam'
      | 'weakRing'
      | 'stirredLate';
    /** @description Something a cook could do otherwise. */
    Change:
      | {
          /** @enum {string} */
          code: 'longer' | 'shorter';
          stageId: string;
          minutes: number;
        }
      | {
          /** @enum {string} */
          code: 'heat';
          stageId: string;
          heat: components['schemas']['HeatSetting'];
        }
      | {
          /** @enum {string} */
          code: 'lidOn';
          stageId: string;
        }
      | {
          /** @enum {string} */
          code: 'cloth';
          stageId: string;
        }
      | {
          /** @enum {string} */
          code: 'spreader';
          stageId: string;
        }
      | {
          /** @enum {string} */
          code: 'rest';
          minutes: number;
        }
      | {
          /** @enum {string} */
          code: 'noTurn';
          stageId: string;
        }
      | {
          /** @enum {string} */
          code: 'pour';
          waterG: number;
        }
      | {
          /** @enum {string} */
          code: 'heavyPot';
        }
      | {
          /** @enum {string} */
          code: 'largerPot';
          volumeMl: number;
        };
  };
  responses: never;
  parameters: never;
  requestBodies: never;
  headers: never;
  pathItems: never;
}
export type $defs = Record<string, never>;
export interface operations {
  HealthController_read: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': {
            /** @enum {boolean} */
            ok: true;
          };
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  AnswerController_answer: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['AskDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['AnswerReply'];
        };
      };
      /** @description A field cannot be read */
      400: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
      /** @description The plan cannot be cooked; says why, at the field */
      422: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  AnswerController_course: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['CourseAskDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['CourseReply'];
        };
      };
      /** @description A field cannot be read */
      400: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
      /** @description The plan cannot be read as a pot */
      422: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  HouseholdController_read: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Household'];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  HouseholdController_put: {
    parameters: {
      query?: {
        /** @description Revision of the row this write stood on; left out for something new. An older one is a clash (409). */
        standsOn?: number;
      };
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['HouseholdDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Household'];
        };
      };
      /** @description Changed elsewhere since; `current` and `sent` hold both */
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  BagsController_list: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Bag'][];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  BagsController_put: {
    parameters: {
      query?: {
        /** @description Revision of the row this write stood on; left out for something new. An older one is a clash (409). */
        standsOn?: number;
      };
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['BagDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Bag'];
        };
      };
      /** @description Changed elsewhere since; `current` and `sent` hold both */
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  BagsController_remove: {
    parameters: {
      query?: {
        /** @description Revision of the row this write stood on; left out for something new. An older one is a clash (409). */
        standsOn?: number;
      };
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Bag'];
        };
      };
      /** @description Changed elsewhere since */
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  VesselsController_list: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Vessel'][];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  VesselsController_put: {
    parameters: {
      query?: {
        /** @description Revision of the row this write stood on; left out for something new. An older one is a clash (409). */
        standsOn?: number;
      };
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['VesselDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Vessel'];
        };
      };
      /** @description Changed elsewhere since; `current` and `sent` hold both */
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  VesselsController_remove: {
    parameters: {
      query?: {
        /** @description Revision of the row this write stood on; left out for something new. An older one is a clash (409). */
        standsOn?: number;
      };
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Vessel'];
        };
      };
      /** @description Changed elsewhere since */
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  HobsController_list: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Hob'][];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  HobsController_put: {
    parameters: {
      query?: {
        /** @description Revision of the row this write stood on; left out for something new. An older one is a clash (409). */
        standsOn?: number;
      };
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['HobDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Hob'];
        };
      };
      /** @description Changed elsewhere since; `current` and `sent` hold both */
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  HobsController_remove: {
    parameters: {
      query?: {
        /** @description Revision of the row this write stood on; left out for something new. An older one is a clash (409). */
        standsOn?: number;
      };
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Hob'];
        };
      };
      /** @description Changed elsewhere since */
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  CupsController_list: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Cup'][];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  CupsController_put: {
    parameters: {
      query?: {
        /** @description Revision of the row this write stood on; left out for something new. An older one is a clash (409). */
        standsOn?: number;
      };
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['CupDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Cup'];
        };
      };
      /** @description Changed elsewhere since; `current` and `sent` hold both */
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  CupsController_remove: {
    parameters: {
      query?: {
        /** @description Revision of the row this write stood on; left out for something new. An older one is a clash (409). */
        standsOn?: number;
      };
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Cup'];
        };
      };
      /** @description Changed elsewhere since */
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  DishsController_list: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Dish'][];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  DishsController_put: {
    parameters: {
      query?: {
        /** @description Revision of the row this write stood on; left out for something new. An older one is a clash (409). */
        standsOn?: number;
      };
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['DishDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Dish'];
        };
      };
      /** @description Changed elsewhere since; `current` and `sent` hold both */
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  DishsController_remove: {
    parameters: {
      query?: {
        /** @description Revision of the row this write stood on; left out for something new. An older one is a clash (409). */
        standsOn?: number;
      };
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Dish'];
        };
      };
      /** @description Changed elsewhere since */
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  OwnIngredientsController_list: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['OwnIngredient'][];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  OwnIngredientsController_put: {
    parameters: {
      query?: {
        /** @description Revision of the row this write stood on; left out for something new. An older one is a clash (409). */
        standsOn?: number;
      };
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['KeptIngredientDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['OwnIngredient'];
        };
      };
      /** @description Changed elsewhere since; `current` and `sent` hold both */
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  OwnIngredientsController_remove: {
    parameters: {
      query?: {
        /** @description Revision of the row this write stood on; left out for something new. An older one is a clash (409). */
        standsOn?: number;
      };
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['OwnIngredient'];
        };
      };
      /** @description Changed elsewhere since */
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  OwnMethodsController_list: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['OwnMethod'][];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  OwnMethodsController_put: {
    parameters: {
      query?: {
        /** @description Revision of the row this write stood on; left out for something new. An older one is a clash (409). */
        standsOn?: number;
      };
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['OwnMethodDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['OwnMethod'];
        };
      };
      /** @description Changed elsewhere since; `current` and `sent` hold both */
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  OwnMethodsController_remove: {
    parameters: {
      query?: {
        /** @description Revision of the row this write stood on; left out for something new. An older one is a clash (409). */
        standsOn?: number;
      };
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['OwnMethod'];
        };
      };
      /** @description Changed elsewhere since */
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  SteamTestsController_list: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SteamTest'][];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  SteamTestsController_put: {
    parameters: {
      query?: {
        /** @description Revision of the row this write stood on; left out for something new. An older one is a clash (409). */
        standsOn?: number;
      };
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['SteamTestDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SteamTest'];
        };
      };
      /** @description Changed elsewhere since; `current` and `sent` hold both */
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  SteamTestsController_remove: {
    parameters: {
      query?: {
        /** @description Revision of the row this write stood on; left out for something new. An older one is a clash (409). */
        standsOn?: number;
      };
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SteamTest'];
        };
      };
      /** @description Changed elsewhere since */
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  PlansController_list: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Plan'][];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  PlansController_put: {
    parameters: {
      query?: {
        /** @description Revision of the row this write stood on; left out for something new. An older one is a clash (409). */
        standsOn?: number;
      };
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['StoredPlanDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Plan'];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  PlansController_remove: {
    parameters: {
      query?: {
        /** @description Revision of the row this write stood on; left out for something new. An older one is a clash (409). */
        standsOn?: number;
      };
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Plan'];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  CooksController_list: {
    parameters: {
      query?: {
        /** @description How many at most */
        limit?: number;
        /** @description Only those begun before */
        beforeMs?: number;
        /** @description The last one of the page before: of those begun at beforeMs, only the ones after it */
        beforeId?: string;
      };
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['CookLine'][];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  CooksController_byDish: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['DishUse'][];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  CooksController_read: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Cook'];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  CooksController_begin: {
    parameters: {
      query?: {
        /** @description How long ago it happened, by the clock of whoever saw it: only a duration crosses from device to server */
        agoMs?: number;
      };
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['CookDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Cook'];
        };
      };
      /** @description The id belongs to something else */
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  CooksController_change: {
    parameters: {
      query?: {
        /** @description Revision of the row this write stood on; left out for something new. An older one is a clash (409). */
        standsOn?: number;
        /** @description How long ago it happened, by the clock of whoever saw it: only a duration crosses from device to server */
        agoMs?: number;
      };
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['CookChangeDto'];
      };
    };
    responses: {
      /** @description Its line, without plan, answer and taps */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Cook'];
        };
      };
      /** @description Something else was said since; `current` and `sent` hold both */
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  CooksController_tap: {
    parameters: {
      query?: {
        /** @description How long ago it happened, by the clock of whoever saw it: only a duration crosses from device to server */
        agoMs?: number;
      };
      header?: never;
      path: {
        id: string;
        eventId: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['StageEventDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['StageEventRow'];
        };
      };
      /** @description The id belongs to something else */
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  CooksController_judge: {
    parameters: {
      query?: {
        /** @description Revision of the row this write stood on; left out for something new. An older one is a clash (409). */
        standsOn?: number;
        /** @description How long ago it happened, by the clock of whoever saw it: only a duration crosses from device to server */
        agoMs?: number;
      };
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['OutcomeDto'];
      };
    };
    responses: {
      /** @description Its line, without plan, answer and taps */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Cook'];
        };
      };
      /** @description Something else was said since; `current` and `sent` hold both */
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  ChangesController_since: {
    parameters: {
      query?: {
        /** @description Revision up to which everything is known; left out, nothing but the newest revision is told */
        since?: number;
      };
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': {
            /** @description The server’s clock when it replied, ms since the epoch */
            nowMs: number;
            /** @description Up to where this reply goes; ask again from here */
            revision: number;
            /** @description There is more than one reply can hold */
            more: boolean;
            /** @description The file is older than what was asked from: read everything again */
            reset: boolean;
            household?: components['schemas']['Household'];
            bags?: (components['schemas']['Bag'] & {
              /** @description When it was taken away; null where it is there */
              deletedAtMs?: number | null;
            })[];
            vessels?: (components['schemas']['Vessel'] & {
              /** @description When it was taken away; null where it is there */
              deletedAtMs?: number | null;
            })[];
            hobs?: (components['schemas']['Hob'] & {
              /** @description When it was taken away; null where it is there */
              deletedAtMs?: number | null;
            })[];
            cups?: (components['schemas']['Cup'] & {
              /** @description When it was taken away; null where it is there */
              deletedAtMs?: number | null;
            })[];
            dishes?: (components['schemas']['Dish'] & {
              /** @description When it was taken away; null where it is there */
              deletedAtMs?: number | null;
            })[];
            ingredients?: (components['schemas']['OwnIngredient'] & {
              /** @description When it was taken away; null where it is there */
              deletedAtMs?: number | null;
            })[];
            methods?: (components['schemas']['OwnMethod'] & {
              /** @description When it was taken away; null where it is there */
              deletedAtMs?: number | null;
            })[];
            steamTests?: (components['schemas']['SteamTest'] & {
              /** @description When it was taken away; null where it is there */
              deletedAtMs?: number | null;
            })[];
            plans?: (components['schemas']['Plan'] & {
              /** @description When it was taken away; null where it is there */
              deletedAtMs?: number | null;
            })[];
            cooks?: components['schemas']['CookLine'][];
            taps?: components['schemas']['StageEventRow'][];
          };
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  ChangesController_stream: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description One event a change: {"revision": 12} */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'text/event-stream': string;
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  CopiesController_list: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['CopyDto'][];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
  CopiesController_make: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['CopyDto'];
        };
      };
      /** @description Why it was not done: 4xx for good, 429 and 5xx just now */
      default: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/problem+json': components['schemas']['Problem'];
        };
      };
    };
  };
}
