<?php

declare(strict_types=1);

namespace Tests\App;

use App\Actions\ForgetCustomer;
use App\Models\Customer;
use App\Models\Role;
use App\Models\Ticket;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Schema;

/** Who is forgotten stands nowhere any more, and nobody else is forgotten with them. */
final class ForgettingTest extends AppTestCase
{
    private const NAME = 'Zebulon';

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->staff(Role::HeadButcher));
        @unlink(storage_path('app/forgotten.list'));
    }

    public function test_no_column_of_any_table_names_who_was_forgotten(): void
    {
        $id = $this->customer(self::NAME);
        $once = ['Idempotency-Key' => 'zebulon-0001'];
        $ticket = self::newTicket(['ask' => self::RUMP], ['customer_id' => $id, 'customer_label' => null]);
        $this->postJson('/api/v1/tickets', $ticket, $once)->assertCreated();
        $this->postJson('/api/v1/bench', ['ask' => self::RUMP, 'customer' => self::NAME, 'customer_id' => $id])->assertCreated();
        $this->putJson("/api/v1/customers/{$id}", ['name' => self::NAME, 'appliances' => ['pan']])->assertOk();
        self::assertGreaterThan(2, self::found(self::NAME), 'it stands on the ticket, the order, the reply');
        self::assertCount(2, $this->getJson("/api/v1/customers/{$id}/export.json")->assertOk()->json('bench_orders'));

        $this->deleteJson("/api/v1/customers/{$id}")->assertNoContent();

        self::assertSame(0, self::found(self::NAME));
        self::assertSame(1, Ticket::query()->count(), 'what was sold stays');
        self::assertStringNotContainsString(self::NAME, (string) file_get_contents(storage_path('app/forgotten.list')));
    }

    public function test_somebody_of_the_same_name_keeps_theirs(): void
    {
        $ann = $this->customer('Ann');
        $this->postJson('/api/v1/tickets', self::newTicket([], ['customer_id' => $ann]))->assertCreated();
        $this->putJson("/api/v1/customers/{$ann}", ['name' => 'AnnK'])->assertOk();
        $other = $this->customer('Ann');
        $this->deleteJson("/api/v1/customers/{$other}")->assertNoContent();

        self::assertSame(1, Ticket::query()->where('customer_id', $ann)->count());
    }

    public function test_a_name_that_was_only_typed_can_be_forgotten(): void
    {
        $this->postJson('/api/v1/tickets', self::newTicket([], ['customer_label' => 'Ann']))->assertCreated();
        $this->postJson('/api/v1/bench', ['ask' => self::RUMP, 'customer' => 'Ann'])->assertCreated();
        $this->postJson('/api/v1/customers/forget-name', ['name' => 'Ann'])->assertOk()->assertJsonPath('stood_on', 3);

        self::assertSame(0, self::found('Ann'));
    }

    public function test_what_a_restore_brings_back_of_them_is_forgotten_again(): void
    {
        $id = $this->customer(self::NAME);
        $this->postJson('/api/v1/tickets', self::newTicket([], ['customer_id' => $id]))->assertCreated();
        $this->postJson('/api/v1/tickets', self::newTicket([], ['customer_label' => 'Typed']))->assertCreated();
        [$customer, $ticket] = [DB::table('customers')->where('id', $id)->first(), DB::table('tickets')->orderByDesc('id')->first()];
        $this->deleteJson("/api/v1/customers/{$id}")->assertNoContent();
        $this->postJson('/api/v1/customers/forget-name', ['name' => 'Typed'])->assertOk();
        DB::table('customers')->insert((array) $customer); // as the backup has them
        DB::table('tickets')->where('id', $ticket->id)->update(['customer_label' => 'Typed']);

        $this->artisan('nessmark:forget-again')->assertSuccessful();
        self::assertSame(0, Customer::query()->count());
        $this->travel(1)->days();
        $later = $this->customer(self::NAME);
        $this->artisan('nessmark:forget-again')->assertSuccessful();

        self::assertSame([$later], Customer::query()->pluck('id')->all(), 'one who came later stays');
        self::assertSame(0, Ticket::query()->whereNotNull('customer_label')->count());
    }

    public function test_the_list_outlives_the_machine_beside_the_backups(): void
    {
        $folder = sys_get_temp_dir().'/nessmark-list-'.bin2hex(random_bytes(4));
        mkdir($folder);
        config(['nessmark.backup_folder' => $folder]);
        $id = $this->customer(self::NAME);
        $row = DB::table('customers')->where('id', $id)->first();
        $this->deleteJson("/api/v1/customers/{$id}")->assertNoContent();
        unlink(storage_path('app/forgotten.list')); // another machine
        DB::table('customers')->insert((array) $row);
        $count = $this->app->make(ForgetCustomer::class)->again();
        array_map(unlink(...), glob("{$folder}/*") ?: []);
        rmdir($folder);

        self::assertSame(1, $count);
    }

    public function test_names_are_kept_as_long_as_the_house_says(): void
    {
        $this->putJson('/api/v1/house', ['profile' => 'us', 'names_kept_months' => 12])->assertOk();
        $old = $this->customer('Old');
        $this->postJson('/api/v1/tickets', self::newTicket([], ['customer_label' => 'Typed']))->assertCreated();
        $this->travel(11)->months();
        $this->artisan('nessmark:forget-old-names')->assertSuccessful();
        self::assertNotNull(Customer::query()->find($old));
        $this->travel(2)->months();
        $comes = $this->customer('Comes');
        $this->artisan('nessmark:forget-old-names')->assertSuccessful();

        self::assertSame([$comes], Customer::query()->pluck('id')->all());
        self::assertSame(0, Ticket::query()->whereNotNull('customer_label')->count());
    }

    public function test_a_statement_that_fails_is_told_without_its_values(): void
    {
        $log = Log::spy();
        try {
            DB::table('customers')->insert(['name' => self::NAME, 'no_such' => 1]);
        } catch (\Throwable $error) {
            report($error);
        }

        $log->shouldHaveReceived('error')->withArgs(
            static fn (string $says, array $with): bool => ! str_contains((string) json_encode([$says, $with]), self::NAME) &&
                str_contains($with['statement'], 'insert into'),
        );
        self::assertSame(0, Customer::query()->count());
    }

    private function customer(string $name): int
    {
        return (int) $this->postJson('/api/v1/customers', ['name' => $name])->assertCreated()->json('id');
    }

    /** In how many rows of the whole database a name stands. */
    private static function found(string $name): int
    {
        $count = 0;
        foreach (Schema::getTableListing(DB::getDatabaseName(), false) as $table) {
            foreach (DB::table($table)->get() as $row) {
                $count += str_contains((string) json_encode($row, JSON_UNESCAPED_UNICODE), $name) ? 1 : 0;
            }
        }

        return $count;
    }
}
