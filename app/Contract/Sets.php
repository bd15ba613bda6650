<?php

declare(strict_types=1);

namespace App\Contract;

use App\Demonstrations\Demonstrations;
use App\Sets\ProblemSet;
use App\Sets\SetData;
use App\Sets\SetQuery;
use Runel\Job\Jobs;
use Runel\Ladder\Chance;
use Runel\Ladder\Difficulty;
use Runel\Ladder\Ladder;
use Runel\Ladder\Rung;
use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Message\OutOfReach;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Style\HouseStyle;

/** The contract for problems made to order. */
final readonly class Sets
{
    public function __construct(
        private Requested $requested,
        private Catalogue $catalogue,
        private Chance $chance,
        private Demonstrations $demonstrations,
        private SetData $data,
    ) {}

    /**
     * @param array<array-key, mixed> $request skill, rung, count, seed, wish (a map)
     *
     * @throws Refusal with the contract's code
     */
    public function made(array $request, HouseStyle $style): ProblemSet
    {
        if (!\is_string($request['skill'] ?? null) || trim($request['skill']) === '') {
            throw new BadRequest(Message::of('practice.skill-wanted'));
        }

        return ProblemSet::made(
            SetQuery::of($request + ['defaults' => (string) HouseStyle::DEFAULTS]),
            $style,
            $this->catalogue,
            $this->chance,
            $this->demonstrations,
        );
    }

    /**
     * @param array<array-key, mixed> $request
     *
     * @return array<string, mixed> the set or the error
     */
    public function answer(array $request, HouseStyle $style): array
    {
        try {
            $set = $this->made($request, $style);

            return $this->data->of($set->items, $set->query);
        } catch (Refusal $refusal) {
            return $this->requested->error($refusal);
        } catch (\Throwable $fault) {
            report($fault);

            return $this->requested->error(new OutOfReach(Message::of('error.failed')));
        }
    }

    /**
     * @return array{runel: int, skills: list<array{
     *     skill: string, job: string, method: string,
     *     rungs: list<array{rung: int, adds: string|null, traits: list<string>}>
     * }>} every skill with its rungs
     */
    public function skills(): array
    {
        return ['runel' => 1, 'skills' => array_map(static fn(Ladder $ladder): array => [
            'skill' => $ladder->skill(),
            'job' => $ladder->job(),
            'method' => $ladder->method(),
            'rungs' => array_map(static fn(Rung $rung): array => [
                'rung' => $rung->number,
                'adds' => $rung->adds?->value,
                'traits' => array_map(static fn(Difficulty $trait): string => $trait->value, $rung->traits),
            ], $ladder->rungs()),
        ], Jobs::ladders()->all)];
    }
}
