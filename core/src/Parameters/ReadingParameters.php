<?php

declare(strict_types=1);

namespace Nagomi\Core\Parameters;

/** The parameters of the Bench's tests; those of the balance stand in {@see ModelParameters}. */
final class ReadingParameters
{
    #[Parameter(
        'g/cm³',
        Origin::Published,
        1.2,
        1.4,
        'Robbins, Chemical and Physical Behavior of Human Hair; from memory',
    )]
    public const HAIR_DENSITY_G_PER_CM3 = 1.32;

    #[Parameter('hairs', Origin::Published, 1, 6, 'McDonald et al., J Am Acad Dermatol 2017;76:472–477; from memory')]
    public const PULL_ORDINARY_AT_MOST = 2;

    #[Parameter('seconds to wet through, median', Origin::CommonPractice, 1, 900)]
    public const POROSITY_WETTING_SECONDS = ['low' => 150.0, 'medium' => 40.0, 'high' => 8.0, 'not-measured' => 57.9];

    #[Parameter('minutes to dry in still air, median', Origin::CommonPractice, 20, 900)]
    public const POROSITY_DRYING_MINUTES = ['low' => 300.0, 'medium' => 180.0, 'high' => 90.0, 'not-measured' => 183.0];

    #[Parameter('spread of the logarithm of a time', Origin::Chosen, 0.2, 1.5)]
    public const POROSITY_LOG_SPREAD = ['wetting' => 0.8, 'drying' => 0.6];

    #[Parameter('probability of beading, sinking slowly, soaking', Origin::Chosen, 0.01, 0.99)]
    public const POROSITY_SOAKS = [
        'low' => [0.7, 0.25, 0.05],
        'medium' => [0.2, 0.6, 0.2],
        'high' => [0.05, 0.25, 0.7],
    ];

    #[Parameter('probability of a smooth, a little rough, a rough slide', Origin::Chosen, 0.01, 0.99)]
    public const POROSITY_SLIDES = [
        'low' => [0.6, 0.3, 0.1],
        'medium' => [0.35, 0.45, 0.2],
        'high' => [0.15, 0.4, 0.45],
    ];

    #[Parameter('times the weight of wetting tests where build-up is plain', Origin::Chosen, 0, 1)]
    public const POROSITY_TRUST_WHEN_COATED = 0.3;

    #[Parameter('probability', Origin::Chosen, 0.05, 0.3)]
    public const WELL_POSSIBLE_FROM = 0.10;

    #[Parameter('probability', Origin::Chosen, 0.01, 0.1)]
    public const RULED_OUT_BELOW = 0.05;

    #[Parameter(
        'pixels a finger misses its point by, either way, on a picture drawn 720 wide',
        Origin::Chosen,
        0.5,
        12,
    )]
    public const TAP_MISS_PX = 3.0;

    #[Parameter('minutes a test takes, before any was timed', Origin::Chosen, 0.1, 10)]
    public const TEST_MINUTES = [
        'build-up-signs' => 0.5, 'dryness' => 0.2, 'feel' => 0.2, 'curl-memory' => 0.3, 'wet-stretch' => 2.5,
        'broken-hairs' => 1.5, 'comb-count' => 1.5, 'ends' => 1.0,
        'taper' => 0.7, 'detangling-ease' => 0.2, 'lather' => 0.2, 'stripped' => 0.2, 'result' => 0.7,
        'style-life' => 0.3, 'length' => 0.5, 'wetting' => 2.0, 'drying' => 0.3,
        'strand-diameter' => 1.5, 'density' => 0.7, 'curl' => 1.0, 'shed-ball' => 1.0, 'pull' => 0.8, 'scalp' => 1.5,
        'scalp-at-home' => 0.3, 'detangling' => 0.3, 'squish' => 0.2, 'water-in-hair' => 1.5,
        'hardness' => 1.0, 'air' => 0.3, 'moisture-meter' => 0.5, 'combing-force' => 0.8, 'wet-through' => 0.5,
    ];

    #[Parameter(
        'hairs a day',
        Origin::Published,
        50,
        100,
        'American Academy of Dermatology: 50 to 100 hairs a day is usual',
    )]
    public const SHED_A_DAY = ['least' => 50.0, 'most' => 100.0];
}
