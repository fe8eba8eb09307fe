<?php

declare(strict_types=1);

/* What a reading means by itself. */

return [
    'air' => [
        'dry' => 'dry air: it draws moisture, more emollient', 'sticky' => 'sticky air: lighter leave-in, firmer hold',
        'easy' => 'easy air for curls',
    ],
    'broken-hairs' => [
        'says' => ':shed; :broken',
        'fewer-shed' => 'fewer shed than the :least to :most usual over this time',
        'more-shed' => 'more shed than the :least to :most usual over this time; if it goes on, ask a clinician',
        'usual-shed' => 'as many shed as the :least to :most usual over this time',
        'more-broken' => ':broken broken is more than twice the :usual of hair in balance',
        'usual-broken' => ':broken broken, where hair in balance has :usual',
        'fewer-than-one' => 'fewer than one', 'about' => 'about :hairs',
        'share' => ':share % of what came out broke (:least to :most % with :certainty % certainty)',
    ],
    'build-up-signs' => [
        'much' => 'much build-up: treatments hardly get through; clarify', 'some' => 'some build-up',
        'few' => 'few signs of build-up', 'none' => 'no sign of build-up',
    ],
    'comb-count' => ['own-usual' => 'compare it only with this client’s own counts'],
    'combing-force' => [
        'own-usual' => 'compare it only with this client’s own: slip lowers it, tangles and worn cuticles raise it',
    ],
    'curl' => [
        'shows' => 'shows :percent % of its length', 'pattern' => 'pattern :pattern (common practice, no source)',
    ],
    'curl-memory' => [
        'limp' => 'limp, loose rings: protein may be due', 'springs-back' => 'springs back and holds',
        'usual' => 'holds its rings about as hair in balance does',
    ],
    'density' => ['thin' => 'a thin tail', 'thick' => 'a thick tail', 'medium' => 'a tail of medium thickness'],
    'detangling' => [
        'slow' => 'slow: slip, smaller sections or a pre-wash may help', 'under' => 'under :minutes minutes a section',
        'slowest' => ':means; slowest was section :section with :minutes min by :tool',
        'knots' => 'knots that could not be massaged apart', 'no-knot' => 'no knot had to be cut',
    ],
    'detangling-ease' => [
        'hard' => 'hard to detangle: dry, worn or built up', 'some-work' => 'detangled with some work',
        'easy' => 'detangled with ease',
    ],
    'drying' => [
        'slow' => 'dries slowly: as low porosity does, or under heavy butter', 'fast' => 'dries fast: as high porosity does',
        'medium' => 'dries as medium porosity does',
    ],
    'dryness' => [
        'dry' => 'dry: moisture is low', 'full' => 'full of moisture, maybe more than it needs',
        'usual' => 'as moist as hair in balance usually is',
    ],
    'ends' => ['worn' => 'worn ends: think about a trim', 'usual' => 'ends as usual'],
    'feel' => [
        'stiff' => 'on the stiff side: protein leads, or moisture lacks',
        'soft' => 'on the soft side: moisture leads, or protein lacks', 'neither' => 'neither stiff nor mushy',
    ],
    'hardness' => [
        'soft' => 'soft water (US Geological Survey)', 'moderate' => 'moderate water (US Geological Survey)',
        'hard' => 'hard water (US Geological Survey)', 'very-hard' => 'very hard water (US Geological Survey)',
    ],
    'lather' => [
        'hardly' => 'hardly foams: build-up, too little water or too little shampoo', 'a-little' => 'foams a little',
        'clean' => 'foams as clean hair does',
    ],
    'length' => ['kept' => 'over months this says how much of what grew was kept'],
    'moisture-meter' => [
        'no-humidity' => 'says little without the humidity of the room',
        'as-much' => 'as much as hair holds in such air, :usual % (Robbins)',
        'less' => 'less than hair holds in such air, :usual % (Robbins)',
        'more' => 'more than hair holds in such air: not dry yet, or coated, :usual % (Robbins)',
    ],
    'pull' => [
        'ordinary' => ':came of :held came: normal',
        'more' => ':came of :held came, more than the :count that is normal for so many|:came of :held came, more than the :count that are normal for so many',
        'too-few' => ':more; so few are soon too many by chance: hold about :hairs to be surer',
        'again' => ':more; again another day, and to a clinician if it stays so',
    ],
    'result' => [
        'good' => 'as it should be', 'more' => 'more than hair in balance has', 'less' => 'less than hair in balance gives',
    ],
    'scalp' => [
        'refer' => 'heavy flaking with redness, or soreness: refer before treating',
        'hardly-a-flake' => 'hardly a flake', 'some-flakes' => 'some flakes', 'flaky' => 'flaky: cleanse the scalp sooner',
        'hardly-itches' => 'hardly itches', 'itches-a-little' => 'itches a little',
        'itches' => 'itches: ask since when, and after what',
        'not-oily' => 'not oily', 'a-little-oily' => 'a little oily', 'oily' => 'oily: cleanse sooner',
        'not-red' => 'not red', 'a-little-red' => 'a little red', 'red' => 'red: no heat, no strong cleanse',
        'not-sore' => 'not sore', 'a-little-sore' => 'a little sore',
        'sore-at-home' => 'sore: look at it in the chair, and refer before treating where it does not ease',
        'tight' => 'tight and dry: cleanse milder or later', 'a-little-tight' => 'a little tight', 'not-tight' => 'not tight',
    ],
    'shed-ball' => [
        'more' => 'about 1 hair of :mass mg; :least to :most are usual over this time (American Academy of Dermatology): more than usual; if it goes on, ask a clinician|about :count hairs of :mass mg; :least to :most are usual over this time (American Academy of Dermatology): more than usual; if it goes on, ask a clinician',
        'fewer' => 'about 1 hair of :mass mg; :least to :most are usual over this time (American Academy of Dermatology): fewer than usual|about :count hairs of :mass mg; :least to :most are usual over this time (American Academy of Dermatology): fewer than usual',
        'usual' => 'about 1 hair of :mass mg; :least to :most are usual over this time (American Academy of Dermatology): as usual|about :count hairs of :mass mg; :least to :most are usual over this time (American Academy of Dermatology): as usual',
    ],
    'squish' => ['more-water' => 'more water before more product', 'enough' => 'enough water and product'],
    'strand-diameter' => [
        'fine' => 'fine strands (fine under 60, coarse over 80 µm; common textbook bands, from memory)',
        'medium' => 'medium strands (fine under 60, coarse over 80 µm; common textbook bands, from memory)',
        'coarse' => 'coarse strands (fine under 60, coarse over 80 µm; common textbook bands, from memory)',
    ],
    'stripped' => [
        'stripped' => 'stripped: the next cleanse should be gentler',
        'supple' => 'clean and supple; a stronger cleanse would be fine', 'clean' => 'clean, not stripped',
    ],
    'style-life' => [
        'long' => 'held as a good wash-and-go does, five days or more', 'few-days' => 'held a few days',
        'short' => 'fell within days: too moist, short of protein, or dry',
    ],
    'taper' => [
        'thin' => 'thin tips: :percent % of the hair reaches the end', 'half' => 'about half of the hair reaches the end',
        'most' => 'most of the hair reaches the end',
    ],
    'water-in-hair' => ['little' => 'little water: more water before more product', 'well' => 'well wetted'],
    'wet-stretch' => [
        'all-back' => 'takes all of the stretch back', 'most-back' => 'takes most of the stretch back',
        'keeps-part' => 'keeps part of the stretch',
        'short-snap' => 'short stretch and a snap: too dry, too much protein, or so weak that protein is due; the history tells them apart',
        'snaps' => 'stretches and snaps: weak', 'gummy' => 'long, gummy, does not come back: lacks protein or is over-moist',
        'little' => 'little stretch: dry, or much protein', 'not-all-back' => 'does not come all the way back: protein may be due',
        'healthy' => 'stretches and comes back as healthy wet hair does',
    ],
    'wet-through' => [
        'slow' => 'slow: low porosity, oil or build-up keeps the water out', 'readily' => 'takes water readily',
    ],
    'wetting' => [
        'slow' => 'slow to wet: as low porosity does', 'at-once' => 'wets at once: as high porosity does',
        'medium' => 'wets as medium porosity does', 'beads' => 'drops bead: as on low porosity, or on build-up',
        'sinks' => 'drops sink in slowly', 'soaks' => 'drops soak in at once: as into high porosity',
        'smooth' => 'slides smoothly: the cuticle lies flat', 'a-little-rough' => 'slides a little roughly',
        'rough' => 'slides roughly: the cuticle is raised',
    ],
];
