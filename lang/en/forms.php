<?php

declare(strict_types=1);

// What forms say when two people fill them in at once.
return [
    'changed' => ':label: someone changed this meanwhile to :now. Yours still stands here; save again to replace it.',
    'corrected' => ':by corrected this visit meanwhile. Look at it in another tab; what you typed still stands here, and saving again puts it in its place.',
    'empty' => 'empty',
    'born-help' => 'children get nothing hot and nothing strong',
    'label-minutes' => [
        'label' => 'Sits at most, by its label',
        'help' => 'masks and protein are planned no longer than that; empty: it does not say',
        'wrong' => 'Sits at most: type 1 to 720 minutes, as the label says, or leave it empty.',
    ],
    'style-day' => [
        'label' => 'Style at its best on day',
        'help' => 'of a day that counts: 1 is the wash day; empty: 2',
        'wrong' => 'Style at its best on day: type 1, the wash day, to 7, or leave it empty.',
    ],
    'sections' => [
        'help' => 'empty: by length and density',
        'wrong' => 'Sections: type 1 to 12, or leave it empty.',
        'by-work' => 'empty: parted as above',
        'by-washing' => 'where shampoo goes on in sections; empty: parted as above',
        'by-work-wrong' => ':label: type 1 to :most, or leave it empty.',
    ],
    'told' => [
        'title' => 'What was told', 'overloaded' => 'Too much protein once: strong protein is set by hand only', 'goals' => 'Goals', 'hair_history' => 'Hair history', 'chemical_history' => 'Chemical history',
        'health_notes' => 'Health notes, private',
    ],
    'overloaded' => [
        'on' => 'Too much protein on', 'help' => 'about is good enough; strong protein is then set by hand only',
        'by' => 'Too much protein by', 'by-help' => 'what it was, such as a kit at home',
    ],
    'fields' => [
        'born_on' => 'Date of birth', 'overloaded_on' => 'Too much protein on', 'overloaded_by' => 'Too much protein by', 'guardian_name' => 'Guardian', 'consent_by' => 'Consent given by', 'email' => 'Mail', 'reminded_by' => 'Reminders',
        'ring_mm' => 'Ring diameter', 'strand_um' => 'Strand diameter', 'strand' => 'Strand by feel', 'length_cm' => 'Length', 'washing_sections' => 'Sections for washing', 'detangling_sections' => 'Sections for detangling', 'styling_sections' => 'Sections for styling', 'hardness_mg_per_l' => 'Water hardness',
        'humidity_percent' => 'Humidity', 'wash_every_days' => 'Wash day every', 'minutes_limit' => 'Longest wash day', 'red_sign' => 'Refer first',
        'home_minutes_limit' => 'Longest at home', 'salon_days' => 'Days in the salon', 'not_at_home' => 'In the salon only', 'size_ml' => 'Size', 'pump_ml' => 'Pump', 'quiet_from' => 'Quiet from', 'quiet_until' => 'Quiet until', 'outbox' => 'Stand-in',
    ],
];
