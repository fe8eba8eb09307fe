<?php

declare(strict_types=1);

// What stands on every page: the salon's pages, a client's, shortcuts, the finder and the tour.
return [
    'on-this-page' => 'On this page',
    'skip' => 'Skip to the page',
    'rail' => ['today' => 'Today', 'clients' => 'Clients', 'products' => 'Products', 'reports' => 'Reports', 'salon' => 'Salon'],
    'to-salon' => 'Go to :salon',
    'client' => [
        'trail' => 'Who did what', 'contact' => 'Contact',
        'now' => 'Now', 'hair-tests' => 'Hair tests', 'wash' => 'Wash', 'wash-days' => 'Wash days', 'plan' => 'Plan', 'home-routine' => 'Home routine',
        'trends' => 'Trends', 'ledger' => 'How we got here', 'more' => 'More', 'edit' => 'Details', 'pictures' => 'Pictures',
        'products' => 'Products for this hair', 'style' => 'Style', 'trials' => 'Trials', 'erase' => 'Take away or delete',
    ],
    'sign-out' => 'Sign out', 'undo' => 'Undo',
    'hand-over' => [
        'copy' => 'Copy', 'copied' => 'Copied.', 'by-hand' => 'Selected: copy it with the keys or the menu of this device.',
        'send' => 'Send', 'scan' => 'Show it to a phone',
    ],
    'errors' => [
        'nothing-saved' => 'Nothing was saved yet.',
        'look' => '{1} One thing needs another look:|[2,*] :count things need another look:',
    ],
    'keys' => [
        'title' => 'Shortcuts', 'close' => 'Close', 'find' => 'Find a client, product, screen or act; also :keys', 'search' => 'Search clients', 'new' => 'New client, on Clients',
        'client' => 'Now, Hair tests, Wash, Wash days, Plan, Home routine, Trends, How we got here of the open client',
        'plan' => 'On the plan: what if; limits', 'balance' => 'On the balance: a day back, a day on; with :shift a week', 'sheet' => 'This sheet; :escape closes it',
        'off' => 'Single-letter shortcuts on this device', 'tour' => 'Show the tour again',
    ],
    'find' => [
        'open' => 'Find', 'title' => 'Find a client, product, screen or act', 'label' => 'Any part of a name or number', 'none' => 'Nothing is called that. Type another part of the name.',
        'away' => 'The salon cannot be asked just now: only this page is searched.', 'client' => 'Client', 'product' => 'Product', 'place' => 'Go to', 'here' => 'On this page',
        'places' => [
            'today' => 'Today', 'clients' => 'Clients', 'products' => 'Products', 'reports' => 'Reports', 'team' => 'Team', 'salon' => 'Salon', 'hours' => 'Hours and services',
            'messages' => 'Messages', 'people' => 'People', 'data' => 'Import and export', 'connections' => 'Connections', 'consent' => 'Consent', 'learned' => 'What we have learned', 'trail' => 'Who did what', 'plans' => 'Compare plans', 'practice' => 'Practice', 'new-client' => 'New client', 'book' => 'Book a client',
            'new-product' => 'Add a product', 'mix' => 'Make up a mix', 'day-end' => 'End of the day',
        ],
    ],
    'tour' => [
        'title' => 'A look round', 'next' => 'Next', 'back' => 'Back', 'end' => 'Done', 'skip' => 'Skip', 'count' => ':at of :all',
        'cards' => [
            ['Today', 'Who is next and what they need. Everyone has one row; the bars below show whose hands are free.'],
            ['Now', 'A client’s first page: what to do with this hair, why, and what not to do. One button goes on from there.'],
            ['Hair tests', 'One test a card, about six minutes. As you type, the balance moves and says how sure it is.'],
            ['Wash', 'One step fills the screen, for wet hands: Done, Undo, Pause, Change. What you tap is kept without a network.'],
            ['Plan and home', 'The plan moves with every test. Ask it “what if”, and hand the home routine to the client as a link.'],
        ],
    ],
];
