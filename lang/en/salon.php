<?php

declare(strict_types=1);

// The salon: what it does unless a client differs, its air and water, its data.
return [
    'title' => 'Salon', 'lead' => 'How :salon works unless a client differs. Practitioners disagree on these; no answer is wrong.',
    'name' => 'Name', 'zone' => 'Time zone', 'hardness' => 'Water hardness', 'currency' => 'Currency', 'humidity' => 'Usual humidity', 'weather' => 'Weather',
    'air' => 'Air', 'air-how' => 'Dry air draws moisture out of hair day by day. A weather station gives the swing of the year about each client’s usual humidity. The three that ship are invented; your own file takes their place: a year of hours as CSV, with the header',
    'weather-file' => 'Our weather file', 'methods' => 'Methods', 'save' => 'Save', 'back' => 'Salon',
    'hours' => [
        'title' => 'Hours and services', 'lead' => 'Who works when, and what can be booked.', 'hours' => 'Hours', 'week' => 'Hours of the week', 'stylist' => 'Stylist', 'chairs' => 'Chairs',
        'services' => 'Services', 'services-how' => 'A whole wash day takes its minutes from the steps planned for the client, at the client’s own pace; anything else from the client’s own past, leaning on these while that is short.',
        'service' => 'Service', 'minutes' => 'Minutes', 'price' => 'Price', 'wash-day' => 'A whole wash day', 'leave' => 'Leave', 'from-until' => ':from to :until', 'take-back' => 'Take back',
        'who' => 'Who', 'from' => 'From', 'until' => 'Until', 'why' => 'Why', 'note' => 'Save leave',
    ],
    'messages' => [
        'title' => 'Messages', 'lead' => 'What goes out to clients, what went, and your own calendar.', 'to-go' => 'Waiting to go out',
        'none-due' => 'Nothing is due. A client who wants reminders (the client’s details say how) is reminded a day before each booking, and on the morning of a wash day at home with a card.',
        'tried' => '{1} tried once: :why Tried again then.|[2,*] tried :count times: :why Tried again then.', 'given-up' => '{1} given up after one try: :why Call them.|[2,*] given up after :count tries: :why Call them.',
        'went' => 'Sent', 'stand-in-how' => 'A stand-in takes these: nothing leaves this machine until a real service is set up (docs/deploying.md).', 'none' => 'Nothing yet.',
        'fate' => ['delivered' => 'delivered', 'refused' => 'refused', 'hung' => 'no answer'], 'to' => 'to :address',
        'calendar' => 'My calendar', 'calendar-how' => 'Subscribe to this link in your calendar program. Anyone who has it sees your bookings.', 'calendar-address' => 'My calendar link',
        'fetched' => 'Last fetched :when', 'not-fetched' => 'Not fetched yet', 'ends' => 'Works until :day; sooner where nothing fetches it for :days days.', 'calendar-why' => 'A private link shows your bookings in any calendar program.',
        'new-address' => 'Make a new link', 'make-address' => 'Make a link', 'withdraw' => 'Cancel the link', 'quiet' => 'Quiet hours', 'quiet-from' => 'Quiet from', 'quiet-until' => 'until',
        'stand-in' => 'The stand-in', 'stand-ins' => ['works' => 'delivers', 'refuses' => 'refuses everything', 'hangs' => 'does not answer'],
    ],
    'data' => [
        'title' => 'Import and export', 'lead' => 'What is written here is yours: take it away whole, bring it back, or delete it.', 'export' => 'Export',
        'export-how' => '{1} The one client as a care record (JSON) and vCard, results, bookings and products as CSV.|[0,*] All :count clients as care records (JSON) and vCard, results, bookings and products as CSV. One client alone: on the client’s own page. From the whole salon everything can be brought back on any machine; it holds private notes in the clear, so keep it safe.',
        'whole' => 'The whole salon (.zip)', 'clients' => 'Clients (.vcf)', 'products' => 'Products (.csv)', 'import' => 'Import',
        'import-how' => 'A salon’s .zip, one or several care records (.json), clients from an address book (.vcf), or clients, bookings or past treatments from a table (.csv, .xlsx, .ods). You see what was found, and every problem with its place, before anything is written; for a day it can be undone.',
        'file' => 'File', 'look' => 'Look through it', 'deleted' => 'Deleted, with proof', 'nobody' => 'Nobody was deleted. A client is deleted, with all data, from the client’s own page.',
        'deletion' => ':rows rows and :pictures pictures, by :by: :left', 'nothing-left' => 'nothing is left', 'something-left' => 'something is left',
        'found' => 'What was found', 'found-lead' => ':name: :good of :all can be imported. Nothing is written yet.', 'where' => 'Where', 'who' => 'Who', 'what' => 'What', 'here' => 'here already',
        'again' => '{1} Import the one that is here already as a second copy; otherwise left out|[2,*] Import the :count that are here already as a second copy; otherwise left out',
        'take' => 'Import what can be', 'leave' => 'Leave it',
    ],
];
