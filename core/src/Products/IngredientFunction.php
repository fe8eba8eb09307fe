<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

/** What an ingredient does in a product for hair. */
enum IngredientFunction: string
{
    case Protein = 'protein';
    case AminoAcid = 'amino-acid';
    case PenetratingOil = 'penetrating-oil';
    case MixedOil = 'mixed-oil';
    case SealingOil = 'sealing-oil';
    case Butter = 'butter';
    case Surfactant = 'surfactant';
    case Clay = 'clay';
    case Silicone = 'silicone';
    case FilmFormer = 'film-former';
    case Humectant = 'humectant';
    case Chelator = 'chelator';
    case Acid = 'acid';
    case Conditioner = 'conditioner';
    case Cationic = 'cationic';
    case FattyAlcohol = 'fatty-alcohol';
    case Emulsifier = 'emulsifier';
    case FragranceAllergen = 'fragrance-allergen';
    case Fragrance = 'fragrance';
    case EssentialOil = 'essential-oil';
    case Sensitiser = 'sensitiser';
    case Preservative = 'preservative';
    case PreservativeHelper = 'preservative-helper';
    case FormaldehydeReleaser = 'formaldehyde-releaser';
    case Solvent = 'solvent';
    case DryingAlcohol = 'drying-alcohol';
    case Thickener = 'thickener';
    case Adjuster = 'adjuster';
    case Antioxidant = 'antioxidant';
    case Extract = 'extract';
    case Colourant = 'colourant';
    case UvFilter = 'uv-filter';
    /** Works on the skin of the head: against flaking, itch or scale. */
    case ScalpActive = 'scalp-active';
    /** Evaporates while hair dries: it weighs and covers nothing. */
    case Volatile = 'volatile';
}
