<?php

declare(strict_types=1);

// What visits told, and why hair has changed.
return [
    'visits' => [
        'title' => 'Past visits', 'title-of' => 'Past visits of :name', 'lead' => 'Each visit with hair tests, the latest first.',
        'count' => '{0} None yet.|{1} One in total.|[2,*] :count in total.', 'pages' => 'More visits', 'later' => 'Later visits', 'earlier' => 'Earlier visits',
        'none' => 'Nothing is tested yet.', 'first' => 'Do the first tests', 'by' => ':moment by :by', 'nobody' => 'someone unnamed',
        'undone' => 'undone', 'corrected' => '{1} corrected once|[2,*] corrected :count times', 'correct' => 'Correct',
    ],
    'results' => [
        'title' => 'Results', 'title-of' => 'Results of :name', 'lead' => ':day, :moment, by :by',
        'undone' => 'This visit was undone; its results count no more. What they said is kept here.',
        'again' => 'Corrected by :by on :day: :because', 'left-out' => 'Skipped: :tests.', 'skipped' => ':test (:why)',
        'off' => 'Not as expected', 'none-off' => 'All as expected.',
        'as-expected' => '{1} One result as expected|[2,*] :count results as expected', 'others' => '{1} One more result|[2,*] :count more results',
        'range' => ['below' => 'lower than expected', 'above' => 'higher than expected', 'within' => 'as expected'],
        'between' => ':least to :most expected that day', 'last' => 'last time :value',
        'check-again' => 'Check again:', 'check-again-why' => 'this does not fit what was expected. It counts for little until you do it once more.',
        'confirm' => 'Done again, it is so',
        'balance' => 'Hair balance', 'before' => 'before these tests', 'after' => 'after', 'numbers' => 'In numbers, 0 to 100',
        'row' => ':what, :part', 'build-up' => 'build-up', 'ruled-out' => 'Ruled out: :cells.',
        'not-tested' => 'These results say nothing of where the hair balance stands.',
        'see' => 'To this client now', 'go-on' => 'Tests :moment', 'print' => 'Print these results', 'correct' => 'Correct this visit', 'undo' => 'Undo this visit',
        'earlier' => 'What was said on :day, by :by',
    ],
    'double' => [
        'title' => 'Same-day double checks', 'sign' => 'Test', 'other' => 'the other', 'who' => 'who', 'unnamed' => 'unnamed',
        'team' => 'How alike the team scores stands under', 'team-link' => 'Team',
    ],
    'cause' => [
        'title' => 'Why has it changed?', 'title-of' => 'Why has it changed, for :name', 'back' => 'Back to Trends', 'complaint' => 'What is wrong',
        'of' => ['dryness' => 'dryness', 'weakness' => 'weakness', 'breakage' => 'breakage'],
        'moved' => ['dryness' => 'What gave moisture and what took it', 'weakness' => 'What gave protein and what took it', 'breakage' => 'What wore the hair'],
        'sides' => ['dryness' => 'left of the line: took, right of it: gave', 'weakness' => 'left of the line: took, right of it: gave', 'breakage' => 'right of the line: wore, left of it: took off what was worn'],
        'worse' => 'Changed for the worse', 'times' => ':before, then :lately',
        'before' => ':weeks weeks before', 'lately' => 'last :weeks weeks',
        'units' => ['breakage' => 'In units of wear', 'dryness' => 'In units of moisture', 'weakness' => 'In units of protein'],
        'share' => ':unit, over the whole head by share of hair. :chance',
        'ask' => 'Questions to ask', 'one-thing' => 'Change one thing for three washes, then test again: changed together, nobody learns what helped.',
    ],
];
