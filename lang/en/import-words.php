<?php

declare(strict_types=1);

// What other programs and notebooks write in English, parted by commas; read in any language of the page.
return [
    'columns' => [
        'name' => 'name, full name, client, client name, customer, customer name, guest, guest name, display name, contact, contact name',
        'given' => 'first name, given name, first, forename, client first name, customer first name',
        'family' => 'last name, family name, surname, last, client last name, customer last name',
        'email' => 'mail, email, e-mail, mail address, email address, e-mail address, client email, customer email',
        'phone' => 'phone, telephone, mobile, cell, phone number, tel, mobile phone, mobile number, cell phone, telephone number, client phone, customer phone',
        'born' => 'born, born on, birthday, date of birth, birth date, birthdate, dob',
        'household' => 'household, family group',
        'notes' => 'notes, note, comments, comment, remarks, client notes, hair history',
        'allergies' => 'allergies, allergy',
        'last-wash' => 'last wash, last washed, last shampoo, last cleanse',
        'last-mask' => 'last mask, last deep conditioning, last deep conditioner, last deep condition',
        'last-mild-protein' => 'last mild protein',
        'last-strong-protein' => 'last strong protein',
        'last-clarifying' => 'last clarifying, last clarified, last clarify, last clarifying cleanse, last clarifying shampoo, last clarifying wash',
        'last-chemical-service' => 'last colour, last color, last bleach, last chemical service, last relaxer',
        'last-trim' => 'last trim, last cut, last haircut',
        'day' => 'date, day, appointment date, booking date, start date, visit date, date of visit, when, starts at, start, begins, appointment, date and time, date time, starts on, treatment date',
        'time' => 'time, start time, from, appointment time, begin, hour',
        'ends' => 'end, end time, until, to, ends at, ends',
        'minutes' => 'minutes, duration, duration minutes, duration min, min, mins, duration in minutes',
        'service' => 'service, services, for what, appointment type, booking type, service name, item',
        'stylist' => 'stylist, with, staff, staff member, employee, hairdresser, team member, hands, staff name, provider',
        'price' => 'price, amount, total, cost, fee, price paid, paid',
        'status' => 'status, state, appointment status, booking status',
        'treatment' => 'treatment, treatments, treatment done, what was done, what, done, treatment name, care',
        'millimetres' => 'millimetres, mm, trimmed mm, cut mm, trim mm',
    ],
    'treatments' => [
        'wash' => 'wash, shampoo, wash with shampoo, cleanse, cleansing, shampoo wash, wash day',
        'mask' => 'mask, deep conditioning, deep conditioner, deep condition, deep conditioning treatment, moisture treatment, moisture mask, hydrating mask, conditioning mask',
        'strong-protein' => 'strong protein, strong protein treatment, protein reconstructor, reconstructor',
        'mild-protein' => 'mild protein, light protein, mild protein treatment, light protein treatment',
        'clarifying' => 'clarifying, clarify, clarifying cleanse, clarifying shampoo, clarifying wash, clarified, chelating, chelating shampoo, detox wash',
        'chemical-service' => 'chemical service, colour, color, colouring, coloring, bleach, bleaching, highlights, balayage, dye, relaxer, perm, tint',
        'trim' => 'trim, trimmed, cut, haircut, dry cut, dusting, ends cut',
    ],
    'statuses' => [
        'booked' => 'booked, confirmed, scheduled, open, new, pending, planned, accepted, active, upcoming',
        'done' => 'done, completed, complete, attended, paid, closed, finished, checked out, arrived, show',
        'cancelled' => 'cancelled, canceled, cancelled by client, canceled by client, declined, deleted, late cancelled',
        'no-show' => 'no show, noshow, did not come, missed, did not show',
    ],
    'totals' => ['line' => 'total, totals, subtotal, grand total, sum, sum total, total clients, clients total, total customers, total bookings, total appointments, total records, total rows, total amount, count'],
];
