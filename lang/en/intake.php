<?php

declare(strict_types=1);

// A new client, one question a card; and all details of a client on one page.
return [
    'new' => 'New client', 'details' => 'Details', 'details-of' => 'Details of :name',
    'lead-new' => 'Nine questions, about two minutes. Whatever is not known yet can wait.',
    'lead' => 'What stays the same from week to week. Anything not known yet can wait: you can test it later.',
    'left' => ':at of :all', 'all' => 'All questions', 'one-by-one' => 'One by one', 'back' => 'Back', 'next' => 'Next',
    'save-new' => 'Save client', 'save' => 'Save', 'more' => 'When there is time',
    'questions' => [
        'name' => 'What is the client called?', 'reach' => 'How can you reach them?', 'consent' => 'May you keep a record?',
        'curl' => 'How wide is the curl?', 'strand' => 'How does one hair feel?', 'density' => 'How dense is the hair?',
        'porosity' => 'How fast does it get wet?', 'length' => 'How long is it, stretched?', 'rhythm' => 'How often is it washed?',
    ],
    'how' => [
        'reach' => 'One is enough, and it can wait.',
        'consent' => 'Under 18: the date of birth, and who agrees. Adults may leave both empty.',
        'curl' => 'Hold one curl against the rings and tap the one that fits.',
        'strand' => 'Roll one hair between two fingers: fine is hardly felt, coarse feels like thread.',
        'density' => 'Part it: a wide parting is thin, hardly one is dense.',
        'porosity' => 'On clean hair: low beads and wets slowly, high wets at once. Zone by zone comes later.',
        'length' => 'From root to tip, pulled straight.',
        'rhythm' => 'Days from one wash to the next.',
    ],
    'card' => [
        'fit' => 'Lay a bank card on the screen and move the slider until the frame is as wide as the card. Then the rings are life-size.',
        'width' => 'Width of the frame', 'frame' => 'bank card, 85.6 mm', 'ring' => ':mm mm', 'open' => 'Make the rings life-size',
        'rings' => 'Rings to hold a curl against',
    ],
    'who' => 'Who', 'hair' => 'Hair', 'water' => 'Water, air and rhythm', 'scalp' => 'Scalp and health', 'method' => 'Method',
    'notebook' => 'What the old notebook knew', 'notebook-still' => 'What the old notebook still knows',
    'fields' => [
        'name' => 'Name', 'born_on' => 'Date of birth', 'guardian_name' => 'Guardian', 'consent_by' => 'Consent given by', 'email' => 'Mail',
        'phone' => 'Phone', 'reminded_by' => 'Reminders', 'household' => 'Household',
        'consent' => 'The client (or a guardian) agrees to this record being kept; health notes stay private.',
        'ring_mm' => 'Curl diameter', 'bends_without_ring' => 'bends without a curl', 'strand_um' => 'Strand', 'strand' => 'Strand by feel',
        'density' => 'Density', 'length_cm' => 'Length, stretched', 'sections' => 'Sections', 'porosity' => 'Porosity of the lengths',
        'zones_are' => 'If zones change below', 'zones_since' => 'Changed on', 'length' => 'Length', 'root' => 'New growth',
        'treated' => 'coloured, bleached or relaxed', 'hair_history' => 'Hair history', 'chemical_history' => 'Chemical history', 'goals' => 'Goals',
        'hardness_mg_per_l' => 'Water hardness', 'humidity_percent' => 'Usual humidity', 'styling_load' => 'Styling product',
        'wash_every_days' => 'Wash day every', 'minutes_limit' => 'Longest wash day', 'swims' => 'Swims (pool or sea)', 'protein_sensitive' => 'Protein-sensitive',
        'sore_scalp' => 'Sore or tender scalp: no heat, no strong cleansing', 'tender_edges' => 'Tender edges or bumps',
        'red_sign' => 'Broken or weeping skin, sudden or patchy loss, pain: for a clinician first', 'asthma_or_pregnant' => 'Asthma, pregnant or newly a mother',
        'allergies' => 'Allergies', 'health_notes' => 'Health notes', 'what' => 'What', 'when' => 'When', 'millimetres' => 'Cut', 'approximate' => 'about then',
    ],
    'help' => [
        'guardian_name' => 'for a client under 18', 'household' => 'the same for all who come together', 'ring_mm' => 'a pencil is 7 mm; empty: not measured',
        'strand_um' => 'if measured; or choose by feel', 'length_cm' => 'empty: not measured', 'zones_since' => 'colour grown out, ends cut, another finding',
        'hardness_mg_per_l' => '1 grain/US gal is 17.1 mg/L; empty: not measured', 'minutes_limit' => 'empty: no limit, for a child what is usual; :by-weekday', 'millimetres' => 'trims only',
    ],
    'reminders' => ['nobody' => 'none', 'mail' => 'by mail', 'text' => 'by text'],
    'consent-kept' => 'Consent to keeping this record: :day.', 'consent-kept-by' => 'Consent to keeping this record: :day, :by.',
    'porosity-title' => 'Porosity by zone',
    'porosity-how' => 'On clean hair: low is slow to wet and beads, high wets at once and dries fast. New growth only where it differs from the length.',
    'zones-are' => ['corrected' => 'they were always so: correct what was written', 'changed' => 'the hair has changed: keep what it was until this day'],
    'set-all' => 'Set all lengths:', 'same' => 'same', 'days' => 'days', 'days-of' => ':days days', 'minutes' => 'minutes',
    'scalp-how' => 'Private, kept encrypted. Not medical advice: what is sore, sudden or patchy is for a clinician.',
    'method-how' => 'By the salon; open to change a question for this client',
    'notebook-how' => 'The last of each, as far as it is known; an approximate date counts with more doubt. Empty rows are left out.',
];
