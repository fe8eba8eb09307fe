<?php

declare(strict_types=1);

// A client as the front desk knows them.
return [
    'of' => ':name, contact',
    'lead' => 'How to reach them, and what is booked.',
    'book' => 'Book',
    'reach' => 'Name and contact',
    'save' => 'Save',
    'to-come' => 'Booked',
    'before' => 'Lately',
    'none' => ['to-come' => 'Nothing is booked.', 'before' => 'No visit yet.'],
    'said' => 'The contact of :name is saved.',
];
