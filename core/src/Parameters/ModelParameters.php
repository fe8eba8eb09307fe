<?php

declare(strict_types=1);

namespace Nagomi\Core\Parameters;

/**
 * Every parameter of the model, in one place. Each constant says its unit, its origin and the
 * limits within which it would still be believed; core/tests/Parameter/ModelTest.php holds them to it,
 * and core/tests/Trade holds what follows from them against the trade's own experience.
 *
 * Constants that differ by porosity, kind or load are lists keyed by the enum's value.
 */
final class ModelParameters
{
    // --- What nobody has measured yet ----------------------------------------------------------

    /** What a table says of 'not-measured' is its mean over these; a test holds it to that. */
    #[Parameter('share of heads', Origin::Chosen, 0.05, 0.9)]
    public const COMMON = [
        'porosity' => ['low' => 0.25, 'medium' => 0.45, 'high' => 0.3],
        'strand' => ['fine' => 0.3, 'medium' => 0.45, 'coarse' => 0.25],
        'load' => ['light' => 0.35, 'medium' => 0.45, 'heavy' => 0.2],
    ];

    #[Parameter('mg/L of CaCO3', Origin::Chosen, 40, 250)]
    public const HARDNESS_NOT_MEASURED_MG_PER_L = 120.0;

    #[Parameter('mm', Origin::Chosen, 100, 600)]
    public const LENGTH_NOT_MEASURED_MM = 300.0;

    #[Parameter('build-up, more at the start where load or water is not known', Origin::Chosen, 1, 15)]
    public const BUILD_UP_SD_WHEN_NOT_MEASURED = 5.0;

    #[Parameter('days', Origin::CommonPractice, 60, 240)]
    public const NOT_READ_AFTER_DAYS = 120;

    // --- Targets and bands -------------------------------------------------------------------

    #[Parameter('reserve', Origin::Chosen, 40, 80)]
    public const TARGET_MOISTURE = 60.0;

    #[Parameter('reserve', Origin::Chosen, 40, 80)]
    public const TARGET_PROTEIN = 60.0;

    #[Parameter('reserve', Origin::Chosen, 5, 25)]
    public const BAND_HALF_WIDTH = 15.0;

    #[Parameter('reserve', Origin::Chosen, -15, 15)]
    public const PROTEIN_TARGET_BY_POROSITY = ['low' => -8.0, 'medium' => 0.0, 'high' => 5.0, 'not-measured' => -0.5];

    #[Parameter('reserve', Origin::Chosen, -10, 10)]
    public const PROTEIN_TARGET_BY_STRAND = ['fine' => 4.0, 'medium' => 0.0, 'coarse' => -4.0, 'not-measured' => 0.2];

    #[Parameter('reserve', Origin::Chosen, -10, 10)]
    public const MOISTURE_TARGET_BY_STRAND = ['fine' => -2.0, 'medium' => 0.0, 'coarse' => 4.0, 'not-measured' => 0.4];

    #[Parameter('reserve', Origin::Chosen, -25, 0)]
    public const PROTEIN_TARGET_WHEN_SENSITIVE = -12.0;

    // --- Fading ------------------------------------------------------------------------------

    #[Parameter('days', Origin::Chosen, 4, 40)]
    public const MOISTURE_HALF_LIFE_DAYS = ['low' => 20.0, 'medium' => 15.0, 'high' => 9.0, 'not-measured' => 14.45];

    #[Parameter('days', Origin::Chosen, 40, 300)]
    public const PROTEIN_HALF_LIFE_DAYS = ['low' => 160.0, 'medium' => 120.0, 'high' => 84.0, 'not-measured' => 119.2];

    #[Parameter('times', Origin::Chosen, 1, 2)]
    public const SEALED_HALF_LIFE_FACTOR = 1.25;

    #[Parameter('reserve', Origin::Chosen, 10, 45)]
    public const AIR_MOISTURE_AT_REFERENCE = 28.0;

    #[Parameter('reserve per percentage point of regain', Origin::Chosen, 0.5, 5)]
    public const AIR_MOISTURE_PER_REGAIN_POINT = 2.0;

    #[Parameter(
        '% of dry mass',
        Origin::Published,
        8,
        12,
        'Robbins, Chemical and Physical Behavior of Human Hair; from memory',
    )]
    public const REGAIN_AT_REFERENCE_PERCENT = 9.8;

    #[Parameter('reserve per square root of a day', Origin::Chosen, 0.05, 2)]
    public const MOISTURE_DRIFT_SD = 0.5;

    #[Parameter('reserve per square root of a day', Origin::Chosen, 0.02, 1)]
    public const PROTEIN_DRIFT_SD = 0.2;

    #[Parameter('build-up per square root of a day', Origin::Chosen, 0.05, 2)]
    public const BUILD_UP_DRIFT_SD = 0.4;

    #[Parameter('wear per square root of a day', Origin::Chosen, 0.005, 0.5)]
    public const WEAR_DRIFT_SD = 0.05;

    #[Parameter(
        'mm a day',
        Origin::Published,
        0.2,
        0.45,
        'Loussouarn, Br J Dermatol 2001, 0.26 tightly coiled to 0.40 straight; from memory',
    )]
    public const GROWTH_MM_A_DAY = 0.29;

    #[Parameter(
        'mm a day',
        Origin::Published,
        0.2,
        0.45,
        'Loussouarn, Br J Dermatol 2001, 0.26 tightly coiled to 0.40 straight, the bands between ours; from memory',
    )]
    public const GROWTH_BY_CURL_MM_A_DAY = [
        '4b–4c' => 0.26, '4a' => 0.27, '3c' => 0.29, '3b' => 0.31, '3a' => 0.34, '2' => 0.37,
    ];

    #[Parameter('mm a day', Origin::Chosen, 0.005, 0.1)]
    public const GROWTH_SD_MM_A_DAY = 0.03;

    // --- Build-up ----------------------------------------------------------------------------

    #[Parameter('load', Origin::Chosen, 0.5, 6)]
    public const LOAD = ['light' => 1.0, 'medium' => 2.0, 'heavy' => 4.0, 'not-measured' => 2.05];

    #[Parameter('build-up a day and load', Origin::Chosen, 0.05, 1)]
    public const BUILD_UP_A_DAY_AND_LOAD = 0.3;

    #[Parameter('share', Origin::Chosen, 0.5, 0.95)]
    public const WASHABLE_SHARE = 0.8;

    #[Parameter('build-up per wash and 100 mg/L', Origin::Chosen, 0.1, 3)]
    public const HARDNESS_BUILD_UP = 0.8;

    // --- Cleansing ---------------------------------------------------------------------------

    #[Parameter('share removed in a pass', Origin::Chosen, 0.1, 1)]
    public const CLEANSE_STRENGTH = [
        'co-wash' => 0.25, 'low-lather' => 0.4, 'gentle' => 0.55, 'shampoo' => 0.7, 'clarifying' => 0.93,
        'chelating' => 0.95,
    ];

    #[Parameter('share of stubborn build-up that stays', Origin::Chosen, 0, 1)]
    public const STUBBORN_KEPT = [
        'co-wash' => 1.0, 'low-lather' => 1.0, 'gentle' => 1.0, 'shampoo' => 1.0, 'clarifying' => 0.35,
        'chelating' => 0.08,
    ];

    #[Parameter('times', Origin::Chosen, 0.2, 1)]
    public const SECOND_PASS_FACTOR = 0.5;

    #[Parameter('reserve at strength 1', Origin::Chosen, 2, 15)]
    public const CLEANSE_MOISTURE_LOSS = 8.0;

    #[Parameter('reserve at strength 1', Origin::Chosen, 0.1, 2)]
    public const CLEANSE_PROTEIN_LOSS = 0.5;

    #[Parameter('times', Origin::Chosen, 0.5, 1.6)]
    public const CLEANSE_LOSS_BY_POROSITY = ['low' => 0.8, 'medium' => 1.0, 'high' => 1.25, 'not-measured' => 1.025];

    #[Parameter('times', Origin::Chosen, 0.2, 1)]
    public const PRE_WASH_LOSS_FACTOR = 0.5;

    // --- Treatments --------------------------------------------------------------------------

    #[Parameter('minutes', Origin::Chosen, 2, 30)]
    public const UPTAKE_TIME_MINUTES = ['low' => 15.0, 'medium' => 8.0, 'high' => 4.0, 'not-measured' => 8.55];

    #[Parameter('minutes', Origin::Chosen, 2, 30)]
    public const UPTAKE_TIME_UNDER_HEAT_MINUTES = ['low' => 8.0, 'medium' => 8.0, 'high' => 4.0, 'not-measured' => 6.8];

    #[Parameter('times', Origin::Chosen, 0.5, 1.5)]
    public const UPTAKE_BY_POROSITY = ['low' => 0.8, 'medium' => 1.0, 'high' => 1.1, 'not-measured' => 0.98];

    #[Parameter('reserve at full uptake from nothing', Origin::Chosen, 2, 60)]
    public const MOISTURE_OF = ['mask' => 38.0, 'conditioner' => 12.0, 'leave-in' => 6.0];

    #[Parameter('reserve at full uptake from nothing', Origin::Chosen, 2, 60)]
    public const PROTEIN_OF = ['mild-protein' => 11.0, 'strong-protein' => 36.0];

    #[Parameter('reserve', Origin::Chosen, 0, 10)]
    public const STRONG_PROTEIN_MOISTURE_COST = 4.0;

    #[Parameter('minutes', Origin::CommonPractice, 1, 60)]
    public const LABEL_MINUTES = [
        'mask' => 15.0, 'conditioner' => 3.0, 'leave-in' => 5.0, 'mild-protein' => 5.0, 'strong-protein' => 5.0,
    ];

    #[Parameter('label times', Origin::Chosen, 1.5, 6)]
    public const OVER_LONG_LABEL_TIMES = 3.0;

    #[Parameter('reserve per further label time', Origin::Chosen, 0.5, 10)]
    public const OVER_LONG_MOISTURE_COST = 3.0;

    #[Parameter('share of uptake lost at full build-up', Origin::Chosen, 0.1, 0.95)]
    public const BUILD_UP_BLOCKS_UPTAKE = 0.6;

    #[Parameter('share of the effect', Origin::Chosen, 0.05, 0.5)]
    public const EFFECT_SD = 0.2;

    #[Parameter('share of the effect', Origin::Chosen, 0.2, 1)]
    public const EFFECT_SD_WHEN_DATE_IS_APPROXIMATE = 0.5;

    #[Parameter('share of the effect', Origin::Chosen, 0.1, 0.6)]
    public const EFFECT_SD_AT_HOME = 0.25;

    #[Parameter('minutes', Origin::CommonPractice, 5, 60)]
    public const UNTOLD_MASK_MINUTES = 25.0;

    #[Parameter('share of the effect', Origin::Chosen, 0.3, 1.2)]
    public const EFFECT_SD_WHEN_UNTOLD = 0.8;

    #[Parameter('days', Origin::CommonPractice, 28, 90)]
    public const UNTOLD_AFTER_DAYS = 42;

    #[Parameter('days', Origin::Chosen, 14, 180)]
    public const UNTOLD_DRIFT_DAYS = 45.0;

    #[Parameter('reserve or build-up, of what a wash day at home left unsaid', Origin::Chosen, 0, 8)]
    public const UNSAID_AT_HOME_SD = ['moisture' => 3.0, 'protein' => 1.5, 'washable' => 2.0];

    // --- Wear --------------------------------------------------------------------------------

    #[Parameter('wear a minute', Origin::Chosen, 0.002, 0.1)]
    public const DETANGLING_WEAR_A_MINUTE = 0.02;

    #[Parameter('times', Origin::Chosen, 0.2, 3)]
    public const TOOL_WEAR = ['fingers' => 0.5, 'comb' => 1.0, 'brush' => 1.6];

    #[Parameter('times', Origin::Chosen, 0.2, 5)]
    public const DETANGLING_STATE_WEAR = [
        'wet-with-slip' => 1.0,
        'wet-without' => 2.0,
        'dry-with-oil' => 0.8,
        'dry-without' => 3.0,
    ];

    /** Schools differ: one side says wet hair breaks, the other that wet hair with slip does not. */
    #[Parameter('times, where the house holds that wet hair breaks', Origin::Chosen, 0.2, 5)]
    public const DETANGLING_STATE_WEAR_WHEN_WET_BREAKS = [
        'wet-with-slip' => 1.6,
        'wet-without' => 3.0,
        'dry-with-oil' => 0.8,
        'dry-without' => 2.0,
    ];

    #[Parameter('wear an extra wetting', Origin::Chosen, 0.01, 0.5)]
    public const WETTING_WEAR = 0.1;

    #[Parameter('wear a day in a tight style', Origin::Chosen, 0.05, 2)]
    public const TIGHT_STYLE_WEAR_A_DAY = 0.5;

    #[Parameter('wear a night on cotton', Origin::Chosen, 0.005, 0.3)]
    public const COTTON_WEAR_A_NIGHT = 0.05;

    #[Parameter('reserve or build-up, of a day in the pool or the sea', Origin::Chosen, 0, 10)]
    public const SWIM = [
        'pool' => ['moisture' => 2.0, 'washable' => 0.0, 'stubborn' => 2.0],
        'sea' => ['moisture' => 3.0, 'washable' => 2.0, 'stubborn' => 0.5],
    ];

    #[Parameter('wear a pass', Origin::Chosen, 0.02, 1)]
    public const CLEANSING_WEAR_A_PASS = 0.2;

    #[Parameter('wear', Origin::Chosen, 0.1, 5)]
    public const HEAT_TOOL_WEAR = ['medium' => 0.5, 'high' => 1.5];

    #[Parameter('wear', Origin::Chosen, 5, 50)]
    public const CHEMICAL_SERVICE_WEAR = 20.0;

    // --- Readings ----------------------------------------------------------------------------

    #[Parameter(
        '% of rest length',
        Origin::Published,
        30,
        60,
        'wet hair gives up to about 50 % and returns: Milady Standard Cosmetology; from memory',
    )]
    public const STRETCH_AT_TARGET_PERCENT = 45.0;

    #[Parameter('value of the sign where all is at its target', Origin::Chosen, 0, 100)]
    public const SIGN_AT_TARGET = [
        'stretch-return' => 95.0, 'feel' => 0.0, 'dryness' => 3.0, 'build-up-signs' => 0.0, 'curl-memory' => 7.0,
        'lather' => 9.0, 'stripped' => 4.0,
        'definition' => 7.5, 'frizz' => 3.0, 'clumping' => 7.0, 'softness' => 6.5, 'shine' => 7.5, 'style-life' => 6.5,
        'taper' => 80.0, 'detangling-ease' => 7.5,
    ];

    /**
     * Slopes a sign does not name are 0; 'off-moisture' is the slope against the distance of moisture from its target,
     * either side.
     */
    #[Parameter('sign per unit of reserve, build-up or wear', Origin::Chosen, -1, 1)]
    public const SIGN_SLOPES = [
        'wet-stretch' => ['moisture' => 0.5, 'protein' => -0.3],
        'stretch-return' => ['moisture' => -0.1, 'protein' => 0.4],
        'feel' => ['moisture' => 0.1, 'protein' => -0.1],
        'dryness' => ['moisture' => -0.1],
        'build-up-signs' => ['build-up' => 0.1],
        'curl-memory' => ['protein' => 0.1, 'off-moisture' => -0.05],
        'lather' => ['build-up' => -0.1],
        'stripped' => ['moisture' => -0.1],
        'definition' => ['protein' => 0.08, 'off-moisture' => -0.05, 'build-up' => -0.02],
        'frizz' => ['moisture' => -0.1, 'wear' => 0.04],
        'clumping' => ['moisture' => 0.06, 'build-up' => -0.02],
        'softness' => ['moisture' => 0.1, 'protein' => -0.06],
        'shine' => ['build-up' => -0.05, 'wear' => -0.04],
        'style-life' => ['protein' => 0.08, 'off-moisture' => -0.06],
        'taper' => ['wear' => -0.8],
        'detangling-ease' => ['moisture' => 0.06, 'wear' => -0.05, 'build-up' => -0.02],
    ];

    #[Parameter('noise of one reading, in its own unit; of counts as a logarithm', Origin::Chosen, 0.05, 60)]
    public const READING_SD = [
        'wet-stretch' => 5.0, 'stretch-return' => 5.0, 'feel' => 1.2, 'dryness' => 1.2, 'build-up-signs' => 1.5,
        'broken' => 0.35, 'curl-memory' => 1.2,
        'lather' => 1.8, 'stripped' => 1.5, 'definition' => 1.5, 'frizz' => 1.5, 'clumping' => 1.5, 'softness' => 1.5,
        'shine' => 1.5, 'style-life' => 1.5,
        'comb-count' => 1.0, 'ends' => 0.6, 'taper' => 10.0, 'detangling-ease' => 1.5, 'length' => 8.0,
        'wetting-time' => 30.0, 'soak' => 0.5, 'slide' => 0.5, 'drying-time' => 40.0, 'strand-diameter' => 6.0,
        'tie-circumference' => 5.0, 'ring-diameter' => 2.0, 'shrinkage' => 4.0, 'shed-count' => 40.0,
        'pull-count' => 1.0, 'scalp-flakes' => 5.0, 'scalp-itch' => 1.2, 'scalp-oil' => 1.2, 'scalp-redness' => 1.0,
        'scalp-soreness' => 1.0, 'detangling-minutes' => 1.0, 'knots-cut' => 1.0, 'squish' => 1.5,
        'water-in-hair' => 8.0, 'hardness' => 15.0, 'dew-point' => 0.5, 'metered-water' => 0.8, 'combing-force' => 0.6,
        'wet-through' => 1.0,
    ];

    #[Parameter(
        'hairs, or splits and knots, of hair in balance and without wear',
        Origin::Chosen,
        0.5,
        40,
        'comb count about 10: Wasko et al., Arch Dermatol 2008; from memory',
    )]
    public const COUNT_AT_TARGET = ['comb-count' => 10.0, 'ends' => 3.0];

    #[Parameter('log per unit of wear or of reserve beyond the band', Origin::Chosen, 0, 0.1)]
    public const COUNT_LOG_SLOPES = [
        'broken' => ['wear' => 0.03, 'excess' => 0.03],
        'comb-count' => ['wear' => 0.01, 'excess' => 0.01],
        'ends' => ['wear' => 0.04, 'excess' => 0.0],
    ];

    #[Parameter('size of the negative binomial', Origin::Chosen, 1, 50)]
    public const COUNT_SIZE = ['broken' => 6.0, 'comb-count' => 4.0, 'ends' => 4.0];

    #[Parameter(
        'standard deviations, of stylists about their salon, times the noise of the reading',
        Origin::Chosen,
        0.05,
        1,
    )]
    public const STYLIST_BIAS_PRIOR = 0.3;

    #[Parameter('days, for a count that is only thought of', Origin::Chosen, 1, 21)]
    public const UNTIMED_DAYS_SINCE_DETANGLED = 7.0;

    #[Parameter('times the noise of the reading', Origin::Chosen, 0.1, 1)]
    public const HEAD_OFFSET_PRIOR = 0.5;

    #[Parameter('times', Origin::Chosen, 1, 3)]
    public const HOME_NOISE_FACTOR = 1.7;

    #[Parameter('standard deviations', Origin::CommonPractice, 2, 5)]
    public const CHECK_AGAIN_AT_SD = 3.0;

    #[Parameter('broken hairs a day', Origin::Chosen, 0.5, 6)]
    public const BROKEN_A_DAY_IN_BALANCE = 1.5;

    #[Parameter('days', Origin::Chosen, 0, 5)]
    public const BROKEN_DAYS_OFFSET = 2.0;

    // --- What is assumed of a head before anything is measured ---------------------------------

    #[Parameter('reserve or wear', Origin::Chosen, 0, 100)]
    public const START_MEAN = [
        'moisture' => 54.0, 'protein' => 56.0, 'washable' => 15.0, 'stubborn' => 12.0, 'wear' => 12.0,
    ];

    #[Parameter('reserve or wear', Origin::Chosen, 2, 30)]
    public const START_SD = [
        'moisture' => 14.0, 'protein' => 12.0, 'washable' => 9.0, 'stubborn' => 9.0, 'wear' => 8.0,
    ];

    #[Parameter('wear', Origin::Chosen, 0, 50)]
    public const START_WEAR_WHEN_TREATED = 20.0;

    #[Parameter('correlation between strata', Origin::Chosen, 0, 0.95)]
    public const START_CORRELATION = 0.6;

    #[Parameter('log', Origin::Chosen, 0.05, 0.8)]
    public const LEARNED_PRIOR_SD = ['moisture-fading' => 0.45, 'protein-fading' => 0.45, 'uptake' => 0.25];

    // --- Season ------------------------------------------------------------------------------

    #[Parameter('build-up', Origin::Chosen, 20, 60)]
    public const BUILD_UP_LIMIT = 35.0;

    #[Parameter('days', Origin::CommonPractice, 14, 60)]
    public const STRONG_PROTEIN_APART_DAYS = 28;

    #[Parameter('days', Origin::CommonPractice, 7, 40)]
    public const CLARIFY_APART_DAYS = ['usual' => 14, 'heavy' => 9];

    #[Parameter('days', Origin::CommonPractice, 14, 60)]
    public const MASK_NO_LATER_DAYS = 35;

    #[Parameter('probability', Origin::Chosen, 0.05, 0.5)]
    public const STRONG_PROTEIN_BARRED_AT = 0.20;

    #[Parameter('cost', Origin::Chosen, 0.05, 5)]
    public const COST_OF_BUILD_UP = 0.5;

    #[Parameter('build-up', Origin::Chosen, 5, 60)]
    public const COST_BUILD_UP_WIDTH = 20.0;

    #[Parameter('cost per wear', Origin::Chosen, 0, 2)]
    public const COST_OF_WEAR = 0.3;

    #[Parameter('cost a minute', Origin::Chosen, 0.0005, 0.05)]
    public const COST_OF_A_MINUTE = 0.004;

    #[Parameter('cost a currency unit', Origin::Chosen, 0, 0.2)]
    public const COST_OF_A_CURRENCY_UNIT = 0.01;

    #[Parameter('cost a promised item moved by a week', Origin::Chosen, 0, 2)]
    public const COST_OF_A_MOVED_PROMISE = 0.2;

    #[Parameter('times a day counts on which the hair is to be at its best', Origin::Chosen, 1, 50)]
    public const WEIGHT_OF_A_BEST_DAY = 10.0;

    #[Parameter('days fresh colour is not clarified', Origin::CommonPractice, 7, 28)]
    public const COLOUR_FRESH_DAYS = 14;

    #[Parameter('currency units a use', Origin::Chosen, 0, 40)]
    public const TREATMENT_PRICE = [
        'mask' => 3.0, 'mild-protein' => 2.5, 'strong-protein' => 6.0, 'clarifying' => 1.0, 'heat' => 0.0,
        'co-wash' => 1.5,
    ];

    #[Parameter('days', Origin::CommonPractice, 7, 35)]
    public const MASK_BY_CALENDAR_DAYS = 14;

    #[Parameter('days', Origin::CommonPractice, 21, 60)]
    public const PROTEIN_BY_CALENDAR_DAYS = 42;

    #[Parameter('days', Origin::Chosen, 7, 60)]
    public const ROLLED_ON_DAYS = 28;

    #[Parameter('probability', Origin::Chosen, 0.05, 0.6)]
    public const LOOK_AT = 0.25;

    // --- Times of a wash day ---------------------------------------------------------------------

    #[Parameter('minutes', Origin::CommonPractice, 0, 120)]
    public const STEP_MINUTES = [
        'ready' => 5.0, 'pre-wash' => 30.0, 'pass' => 5.0, 'rinse' => 3.0, 'conditioner' => 3.0, 'mild-protein' => 5.0,
        'strong-protein' => 10.0,
        'leave-in' => 5.0, 'detangle-a-section' => 4.0, 'style-a-section' => 3.0, 'part-a-section' => 1.0,
    ];
}
