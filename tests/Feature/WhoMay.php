<?php

declare(strict_types=1);

/*
 * Who may open what, written down beside the routes and not read from them: by what it takes, every route that asks for
 * somebody to be signed in. A new one is put into one of these by hand.
 */

return [
    'everybody' => [
        'account.confirm', 'account.confirm.store', 'account.elsewhere', 'account.password',
        'account.salon', 'account.second-step', 'account.second-step.codes', 'account.second-step.confirm',
        'account.second-step.off', 'bookings.bill', 'bookings.caller', 'bookings.create',
        'bookings.end', 'bookings.exchange', 'bookings.note', 'bookings.series', 'bookings.series.store',
        'bookings.show', 'bookings.store', 'bookings.times', 'bookings.together', 'bookings.unsay',
        'bookings.update', 'clients.contact', 'clients.contact.update', 'clients.index', 'clients.now', 'find',
        'language', 'moved', 'products', 'products.book', 'products.csv', 'products.mix', 'products.show',
        'products.stock', 'salon.calendar', 'salon.calendar.drop', 'salon.hours', 'salon.leave', 'salon.leave.back',
        'salon.messages', 'salon.messages.again', 'salon.people', 'sign-out', 'today', 'today.end',
        'today.handover', 'today.handover.store', 'today.names', 'today.places', 'token', 'waits.destroy',
        'waits.store',
    ],
    'care' => [
        'clients.create', 'clients.edit', 'clients.hair-tests', 'clients.hair-tests.acts',
        'clients.hair-tests.draft', 'clients.hair-tests.forget', 'clients.hair-tests.store',
        'clients.hair-tests.zones', 'clients.history', 'clients.history.cause', 'clients.history.edit',
        'clients.history.ledger', 'clients.history.show', 'clients.history.undo', 'clients.history.update',
        'clients.home-routine', 'clients.home-routine.calendar', 'clients.home-routine.calendar.drop',
        'clients.home-routine.link', 'clients.home-routine.pdf', 'clients.home-routine.withdraw',
        'clients.instruments.on-picture', 'clients.instruments.read', 'clients.consent', 'clients.consent.form',
        'clients.consent.give', 'clients.consent.withdraw',
        'clients.pictures',
        'clients.pictures.destroy', 'clients.pictures.show', 'clients.pictures.store', 'clients.plan',
        'clients.plan.calendar', 'clients.plan.preview', 'clients.plan.what-if', 'clients.products',
        'clients.reactions', 'clients.readings.confirm', 'clients.safety-flags.raise', 'clients.store',
        'clients.style', 'clients.style.begin', 'clients.style.end', 'clients.style.keep', 'clients.trends',
        'clients.trends.csv', 'clients.trials', 'clients.update', 'clients.wash', 'clients.wash-days',
        'clients.wash-days.store', 'clients.wash-days.undo', 'clients.wash.acts', 'clients.wash.begin',
        'clients.wash.break-off', 'clients.wash.finish', 'clients.wash.minutes', 'clients.wash.run',
        'clients.wash.start', 'clients.zones.take', 'plans',
        'practice', 'practice.beside', 'practice.destroy', 'practice.drills', 'practice.drills.store',
        'practice.show', 'practice.store', 'practice.tests', 'practice.visit',
    ],
    'decide' => [
        'clients.plan-terms', 'clients.plan-terms.by-hand', 'clients.plan-terms.promise',
        'clients.plan-terms.release', 'clients.plan-terms.take-back', 'clients.plan-terms.update',
        'clients.plan.act', 'clients.plan.occasion', 'clients.plan.redo', 'clients.plan.undo',
        'clients.plan.what-if.use', 'clients.plan.wishes', 'clients.plan.wishes.without', 'clients.plan.without',
        'clients.programmes.begin', 'clients.programmes.end', 'clients.record', 'clients.records.create',
        'clients.records.store', 'clients.safety-flags.clear', 'clients.safety-flags.judge',
        'clients.trail', 'clients.trials.end',
        'clients.trials.store', 'products.create', 'products.destroy', 'products.edit', 'products.forget',
        'products.import', 'products.recall', 'products.release', 'products.store', 'products.teach',
        'clients.practice', 'clients.practice.store', 'practice.lived.destroy', 'practice.team',
        'products.update', 'reports', 'reports.csv', 'reports.team', 'salon.learned',
    ],
    'lead' => [
        'clients.history.pdf', 'clients.history.json',
        'clients.delete', 'clients.erase', 'clients.parcel', 'salon.connections', 'salon.connections.add',
        'salon.connections.again', 'salon.connections.drop', 'salon.connections.give', 'salon.connections.start',
        'salon.connections.take-back', 'salon.data', 'salon.data.archive', 'salon.data.cards',
        'salon.consent', 'salon.consent.update', 'salon.learned.ask', 'salon.learned.leave', 'salon.learned.use',
        'salon.data.columns', 'salon.data.undo', 'salon.data.forget', 'salon.data.keep',
        'salon.data.drop', 'salon.data.import', 'salon.data.look', 'salon.data.proof', 'salon.data.take',
        'salon.edit', 'salon.hours.update', 'salon.invitations.store', 'salon.invitations.withdraw',
        'salon.messages.update', 'salon.people.leave', 'salon.people.return', 'salon.people.role',
        'salon.people.second-step', 'salon.trail', 'salon.update',
    ],
];
