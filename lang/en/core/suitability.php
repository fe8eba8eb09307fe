<?php

declare(strict_types=1);

/* Whether a product is for a head: every reason for and against. */

return [
    'allergy' => 'The allergy list names it: :name.',
    'sore-essential-oils' => 'Not on a sore scalp: :names.',
    'sore-too-strong' => 'Too strong for a sore scalp.',
    'child-essential-oils' => 'Never essential oils on a child under twelve: :names.',
    'careful-essential-oils' => 'Essential oils with a child, in pregnancy or with asthma: ask a clinician first (:names).',
    'patch-test' => 'Patch test 48 h before the first use: :names.',
    'not-all-known' => 'Not every ingredient is known, so allergies cannot be ruled out: :names.',
    'allergy-not-known' => 'Allergies say “:names”, by which no ingredient is known here: read the label for it.',
    'mostly-unknown' => 'Most of what is in it is not known.',
    'protein-not-known' => 'Protein-sensitive, and what may be protein is not known: :names.',
    'protein-sensitive' => [
        'mild' => 'Protein-sensitive; its protein is mild: :names.',
        'mild-to-strong' => 'Protein-sensitive; its protein is mild to strong: :names.',
        'strong' => 'Protein-sensitive; its protein is strong: :names.',
    ],
    'protein-avoided' => 'The method avoids protein that is not planned: :names.',
    'no-oils' => 'The method uses no oils or butters.',
    'films' => [
        'shampoo' => 'Its films come off with a shampoo only: :names.',
        'clarifying' => 'Its films come off with a clarifying cleanse only: :names.',
    ],
    'drying-alcohol' => 'Drying alcohol stays on: :names.',
    'chelates' => 'It chelates, which water of :hardness mg/L needs: :names.',
    'on' => ' on :stratum',
    'heavy' => 'Heavy:where, which absorbs little and gets coated.',
    'light-enough' => 'Light enough:where of low porosity.',
    'seals' => 'It seals:where of high porosity.',
    'seals-not' => 'Nothing in it seals:where of high porosity; seal after it.',
    'weighs-down' => 'It weighs fine strands down:where.',
    'strong-surfactants' => 'Strong surfactants on porous hair:where; keep them to the scalp and condition after.',
    'dry-air' => 'Dry air, dew point :celsius °C: humectants draw water out of the hair; seal over them (:names).',
    'sticky-air' => 'Sticky air, dew point :celsius °C: humectants swell and frizz the hair; use little (:names).',
];
