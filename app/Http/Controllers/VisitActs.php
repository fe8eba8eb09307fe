<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Acts\ActAnswer;
use App\Care\Acts\EachAct;
use App\Care\Acts\SentAct;
use App\Care\Readings\TestDrafts;
use App\Care\Readings\Visits;
use App\Http\Requests\HairTestsRequest;
use App\Models\Head;
use App\Models\User;
use App\Models\Visit;
use App\Wording\Words;
use Illuminate\Http\Request;
use Illuminate\Routing\Redirector;
use Illuminate\Validation\ValidationException;

/** Visits as they are typed under Hair tests: sent as a form, or as acts of a device, and read by the same rules. */
final readonly class VisitActs
{
    private const LONGEST_FORM = 100_000;

    public function __construct(
        private EachAct $eachAct,
        private Redirector $redirector,
        private TestDrafts $testDrafts,
        private Visits $visits,
    ) {
    }

    public function take(Head $head, HairTestsRequest $request, User $stylist): Visit
    {
        $readings = $request->readings($stylist->name);
        if ($readings === []) {
            abort(422);
        }
        $visit = $this->visits->take(
            $head,
            $request->visit(),
            $readings,
            $stylist->name,
            $request->typed(),
            $request->seconds(),
            $request->skipped(),
        );
        $this->testDrafts->done($head, $stylist, $visit->moment);
        $stylist->update(['units' => $request->units()]);

        return $visit;
    }

    /**
     * @param list<SentAct> $acts each with the fields of the form, as a form would send them
     *
     * @return list<ActAnswer>
     */
    public function act(Head $head, array $acts, Request $outer, User $stylist): array
    {
        return $this->eachAct->take($acts, function (SentAct $act) use ($head, $outer, $stylist): ActAnswer {
            $typed = $act->text('form');
            if ($act->kind !== 'visit' || $typed === '' || strlen($typed) > self::LONGEST_FORM) {
                return ActAnswer::unreadable($act->key, Words::say('acts.unreadable'));
            }
            $form = $this->form($typed, $outer);
            if ($this->testDrafts->isTaken($head, $form->visit())) {
                return ActAnswer::alreadyTaken($act->key, route('clients.history.show', [$head, $form->visit()]));
            }
            try {
                $form->validateResolved();
            } catch (ValidationException $wrong) {
                return ActAnswer::refused($act->key, (string) ($wrong->validator->errors()->first()));
            }

            return ActAnswer::taken(
                $act->key,
                route('clients.history.show', [$head, $this->take($head, $form, $stylist)]),
            );
        });
    }

    /** The form as if it had come by itself. */
    private function form(string $typed, Request $outer): HairTestsRequest
    {
        parse_str($typed, $fields);
        $form = HairTestsRequest::create($outer->url(), 'POST', $fields);
        $form->setContainer(app())->setRedirector($this->redirector);
        $form->setUserResolver($outer->getUserResolver());
        $form->setRouteResolver($outer->getRouteResolver());
        $form->setLaravelSession($outer->session());

        return $form;
    }
}
