<?php

declare(strict_types=1);

/* The trade's usual cautions. */

return [
    'refer' => 'Broken or weeping skin, pus, sudden or patchy loss, pain, ring-shaped scaling, lice, or heavy flaking with redness that does not ease: refer to a clinician before any treatment.',
    'patch-test' => 'Patch test 48 h before a new product with known sensitisers; stop at burning or swelling, keep out of the eyes.',
    'sore-scalp' => 'Sore scalp: no heat, no clarifying or chelating cleanse, no essential oils until it is cleared.',
    'water-heat' => 'Test the water on the inner wrist: 49 °C burns in about 5 minutes, 60 °C in seconds (US Consumer Product Safety Commission).',
    'heat-cap' => 'Heat cap or hood: start comfortable and step down, never on a sore scalp, never on a sleeping or small child; no oil under a hot hood, cords away from water.',
    'essential-oils' => 'Essential oils: about 1 % at most on the scalp; less or none for children, in pregnancy or with asthma — ask a clinician.',
    'tension' => 'Tender edges or bumps: take the tension out; loss from traction can be permanent.',
    'protein' => 'Protein: start mild, watch, always moisturise after.',
    'minor' => 'A minor: a guardian’s consent stands on record; records and pictures of children are private.',
    'allergies' => 'Nothing on this skin that the allergy list names; read the whole label.',
];
