<?php

declare(strict_types=1);

namespace Nagomi\Core\Treatments;

/** What there can be in a bottle that changes what its step does. */
enum Content: string
{
    /** Protein cut small enough to go in; whole proteins and amino acids count by a part of their weight. */
    case Protein = 'protein';
    /** Humectants and conditioners. */
    case Moisture = 'moisture';
    case PenetratingOil = 'penetrating-oil';
    /** Oils, butters and silicones that keep water in. */
    case Sealing = 'sealing';
    /** Surfactants and clays, as if all were of medium strength. */
    case Surfactant = 'surfactant';
    case Chelator = 'chelator';
    /** Films that water or an ordinary cleanse takes off. */
    case WashableFilm = 'washable-film';
    /** Films that only what clarifies takes off. */
    case StubbornFilm = 'stubborn-film';
}
