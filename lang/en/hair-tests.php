<?php

declare(strict_types=1);

// Hair tests: one card a test, what it changes, and the whole list one tap away.
return [
    'again' => 'taken again and found so',
    'on-picture' => [
        'title' => 'Measure on a picture', 'how' => 'The picture stays on this tablet. Something of known length must lie beside the hair, at the same distance.', 'picture' => 'Picture',
        'scale' => 'Between the first two taps', 'card' => '85.6 mm: the long side of a bank card', 'first' => 'Choose a picture first.',
        'label' => 'The picture. Arrow keys move the cross, Enter taps, Backspace takes the last tap back.', 'take' => 'Use this', 'back' => 'Take the last tap back',
    ],
    'wide-as' => 'Curl as wide as',
    'measure' => ['optional' => 'may stay empty', 'start' => 'Start', 'picture' => 'On a picture', 'device' => 'Read the :device'],
    'title' => 'Hair tests', 'title-of' => 'Hair tests for :name', 'correct' => 'Correct a visit', 'correct-of' => 'Correct a visit of :name',
    'lead' => 'Do as many tests as you have time for.',
    'correct-lead' => 'What was saved before is kept beside what you save now.',
    'past' => 'Past visits', 'moments' => 'When', 'on-head' => 'zone by zone',
    'when' => 'Day, zone and units', 'day' => 'Day', 'zone' => 'Zone', 'whole-head' => 'whole head', 'because' => 'Why it is corrected',
    'typed-in' => 'Typed in :units', 'kind-in' => ':kind in',
    'draft' => 'What you typed before is still here; it is not saved yet.', 'throw-away' => 'Throw it away',
    'recommended' => 'Recommended now, :time, any order.',
    'walk' => 'Recommended tests', 'all' => 'All tests', 'one-by-one' => 'One by one',
    'back' => 'Back', 'next' => 'Next test', 'save' => 'Save results', 'save-correction' => 'Save the correction',
    'skip' => 'Skip because …', 'skip-of' => 'Skip :test', 'skipped-last' => 'Skipped last time: :why.',
    'surer' => ':time, makes the result surer', 'bit-surer' => ':time, makes the result a bit surer', 'followed' => ':time, followed from visit to visit',
    'seconds' => ':count seconds', 'minutes' => ':count min',
    'more' => '{1} One more test: :tests|[2,*] :count more tests: :tests',
    'none-of-these' => 'None of these',
    'clinician' => [
        'title' => 'Something for a clinician, or a sore scalp', 'what' => 'What it is', 'seen' => 'Seen',
        'seen-help' => 'what and where; kept encrypted', 'save' => 'Save this sign',
        'red' => 'for a clinician first: no protein, heat or strong cleansing', 'sore' => 'sore scalp: no heat or strong cleansing',
    ],
    'changes' => 'What it changes', 'before' => 'before', 'now' => 'now', 'ruled-out' => 'Ruled out: :cells.',
    'check-again' => 'Check again:',
    'check-again-why' => 'this does not fit what was expected; it counts for little until you do it once more.',
    'moves' => 'moves moisture :moisture, protein :protein',
    'about-minutes' => '{1} about a minute|[2,*] about :count minutes',
    'last-wash' => '{0} last wash: today|{1} last wash: yesterday|[2,*] last wash: :count days ago',
    'moves-nothing' => 'It moved neither moisture nor protein.',
    'snapped' => 'snapped', 'hair' => 'Hair :number', 'on-ruler' => 'On a ruler', 'two-more' => 'Two more hairs',
    'rest' => 'At rest', 'stretched' => 'Stretched to', 'returned' => 'Back to',
    'ruler' => [
        'title' => 'One wet hair on the ruler', 'label' => 'Ruler of 300 mm',
        'how' => 'Drag each mark to where the hair reaches on your ruler, or move it with the arrow keys: 1 mm, with Shift 10 mm.',
        'rest' => 'rest', 'stretched' => 'stretched', 'returned' => 'returned',
        'take' => 'Use these lengths', 'take-next' => 'Use them, next hair', 'close' => 'Close',
    ],
    'answers' => [
        'build-up-signs' => ['no', 'a little', 'clearly'],
        'wetting' => ['soak' => ['Bead up', 'Sink slowly', 'Soak in'], 'slide' => ['smooth', 'a little rough', 'rough']],
    ],
    'scales' => ['feel' => 'Feel, −5 stiff to 5 mushy', 'dryness' => 'Dryness, 0 to 10'], 'of-ten' => ':label, 0 to 10',
    'tool' => 'Tool in hand', 'first-section' => 'Start section 1', 'or-sections' => 'or section by section above',
    'seconds-of' => 'Seconds of section :number',
];
