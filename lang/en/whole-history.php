<?php

declare(strict_types=1);

/** All that is kept of a client, handed over. */
return [
    'title' => 'Everything kept of :name',
    'lead' => ':salon, :day. All that is written down here of you, in words; ask for whatever is wrong to be put right, or for all of it to be deleted.',
    'end' => 'Pictures are in the file beside this one. What was worked out from results is an estimate, and not medical advice.',
    'pdf' => 'To read (.pdf)', 'json' => 'For programs (.json)',
    'hand-over' => 'Hand over everything kept of :name',
    'parts' => [
        'who' => 'Who', 'hair' => 'Hair', 'method' => 'How it is done', 'health' => 'Health, as told', 'consents' => 'Agreed to', 'reactions' => 'Reactions',
        'signs' => 'Signs that were noted', 'bookings' => 'Bookings', 'washes' => 'Wash days', 'results' => 'Hair test results',
        'standing' => 'What the results say', 'plan' => 'Planned', 'programmes' => 'Programmes', 'styles' => 'Styles', 'home' => 'Sent from home', 'products' => 'Your products',
        'pictures' => 'Pictures', 'messages' => 'Messages sent',
    ],
    'columns' => [
        'day' => 'Day', 'until' => 'Until', 'what' => 'What', 'of' => 'From', 'by' => 'By', 'seen' => 'What was seen', 'cleared' => 'Cleared',
        'time' => 'Time', 'service' => 'Service', 'status' => 'How it went', 'price' => 'Price', 'note' => 'Note', 'where' => 'Where',
        'steps' => 'Steps', 'moment' => 'When', 'zone' => 'Zone', 'sign' => 'Sign', 'value' => 'Value', 'why' => 'Why',
        'name' => 'Name', 'kind' => 'Kind', 'agreed' => 'Agreed to by', 'to' => 'To', 'text' => 'Text',
    ],
    'agreed' => 'Agreed to this record', 'overloaded' => 'Had too much protein', 'zone' => 'porosity :porosity, strand :strand',
];
