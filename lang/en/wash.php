<?php

declare(strict_types=1);

// The wash day as it is run and noted.
return [
    'worked' => [
        'title' => 'What went with the best :best of :all wash days',
        'counts' => ':times of the :best best, :other of the :others others',
        'nothing' => 'Nothing went with them more than with the others.',
        'drying' => 'dried :how',
        'styling' => 'styled: :how',
        'sections' => ':count sections',
        'like' => 'Lay it out like :day: :score of 10',
        'like-lasted' => 'Lay it out like :day: :score of 10, good for one day|Lay it out like :day: :score of 10, good for :count days',
        'counted' => 'Counted, not proven: what else was different on those days nobody knows.',
        'try' => 'Try one of them on half the head',
    ],
    'minutes' => ':care min to the end of styling: hands on for :hands, free for :free.',
    'minutes-and-drying' => ':care min to the end of styling: hands on for :hands, free for :free. Then :drying min to dry :how.',
    'another-bottle' => 'Another bottle',
    'smells-wrong' => 'Smells wrong, said :by at a wash day. Look at it before it is used again.',
    'from-readings' => '{1} from one reading|[2,*] from :count readings',
    'minutes' => 'Minutes: type 0.5 to 720.',
    'styled-after' => 'Styled after about :care, done in about :done; four days of five between :from and :to.',
    'washed-after' => 'Washed after about :care, dry in about :done; four days of five between :from and :to.',
    'styled-later' => 'Styled on the day after, as planned: this client has too little time for all of it. Choose a way to style it to do it today.',
    'stays-up' => 'Washed in the style that is worn: neither parted, detangled nor styled.',
    'comes-down' => 'It comes down today: write that down first, and the day is laid out anew.',
    'evening-before' => 'the evening before',
    'insecure' => 'This page came over plain HTTP: taps are kept and sent as always, but this tablet may let its screen go dark, and the page cannot be opened again without a network. HTTPS changes that.',
    'doubtful' => 'Before this wash day is noted: did these really take so long? Set right what a late or early tap made of them; what stands here is what the next wash days are planned by.',
    'doubtful-of' => ':label. Planned :planned, tapped :minutes',
    'late' => 'These taps came after the wash day was ended and are not in the book.',
    'late-do' => 'Where they matter, take that day out under Wash days and enter it anew',
    'late-tap' => ':step: :what at :time, by :by',
    'finish-with' => 'Finish with these minutes',
    'doubtful-typed' => ':what: :minutes minutes is far from the usual :usual. Correct it, or send it once more if it is so.',
    'already' => 'That wash day is in the book already, with the same steps.',
    'steps' => ['detangle' => 'Detangling', 'mask' => 'Mask', 'conditioner' => 'Conditioner', 'mild-protein' => 'Mild protein', 'strong-protein' => 'Strong protein'],
];
