<?php

declare(strict_types=1);

namespace App\Lessons\Content;

use App\Lessons\Showing;
use App\Turn\TurnQuery;
use App\Values\Given;
use Runel\Expression\Letters;
use Runel\Expression\Node;
use Runel\Job\Jobs;
use Runel\Lesson\Content\SlipToFind;
use Runel\Lesson\Item;
use Runel\Lesson\ItemKind;
use Runel\Marking\LineReader;
use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Practice\SlippedPage;
use Runel\Slip\Slip;

/** A page of work with one slip in it: made once, and kept as it is, whatever would be made of it later. */
final readonly class KeptSlipToFind implements KeptContent
{
    /**
     * @param list<string> $page as typed
     * @param int          $at   which of its lines is wrong, from 1
     */
    private function __construct(
        public KeptProblem $problem,
        public Slip $slip,
        public array $page,
        public int $at,
    ) {}

    /** @throws Refusal when its problem cannot be read, or the slip cannot be made in it */
    public static function of(Given $given): self
    {
        $problem = KeptProblem::of($given);
        $slip = Slip::tryFrom($given->text('slip')) ?? throw new BadRequest(Message::of('lesson.no-slip'));
        $isSame = \in_array($given->text('problem'), ['', $given->within('task')->text('problem')], true)
            && $given->text('made') === $slip->value;
        $page = $isSame ? \array_slice($given->texts('page'), 0, TurnQuery::MOST_LINES) : [];
        $at = $given->number('at', 2);
        if ($page !== [] && $at !== null && $at >= 1 && $at <= \count($page)) {
            return new self($problem, $slip, $page, $at);
        }
        $made = self::made($problem, $slip);

        return new self($problem, $slip, $made->typed(), $made->at);
    }

    /** @throws Refusal where nothing that somebody would have written comes of the slip */
    private static function made(KeptProblem $problem, Slip $slip): SlippedPage
    {
        $demonstration = Jobs::catalogue()->demonstrate($problem->task->task(), $problem->task->job);

        return SlippedPage::of(Jobs::catalogue(), $demonstration, $slip)
            ?? throw new BadRequest(Message::of('lesson.no-page', ['slip' => Message::of("slip.$slip->value.name")]));
    }

    public function kind(): ItemKind
    {
        return ItemKind::SlipToFind;
    }

    public function toArray(): array
    {
        return $this->problem->toArray() + [
            'slip' => $this->slip->value,
            'made' => $this->slip->value,
            'page' => $this->page,
            'at' => $this->at,
        ];
    }

    public function item(Showing $showing): Item
    {
        $demonstration = $showing->demonstration($this->problem->task);
        $problem = $demonstration->task->problem;
        $reader = new LineReader(Letters::of($problem->node), $problem->quotient()?->denominator);
        $lines = array_map(static fn(string $line): Node => $reader->read($line)->node
            ?? throw new BadRequest(Message::of('lesson.no-page-kept')), $this->page);

        return Item::slipToFind(new SlipToFind($demonstration, $this->slip, $lines, $this->at), $showing->pace);
    }

    public function typed(): string
    {
        return $this->problem->typed();
    }

    public function markdown(): string
    {
        return $this->problem->markdown();
    }
}
