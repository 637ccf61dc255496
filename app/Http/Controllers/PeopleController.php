<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangePerson;
use App\Actions\ForgetPerson;
use App\Http\Requests\PersonRequest;
use App\Http\Resources\PersonResource;
use App\Models\Happening;
use App\Models\Role;
use App\Models\User;
use App\People\Devices;
use App\People\Passwords;
use App\Policies\Right;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/** The people of a workshop, for its lead. Whoever leaves is put away; what they did keeps their name. */
final class PeopleController extends Controller
{
    private const MOST_HAPPENINGS = 200;

    #[OA\Get(path: '/api/people', operationId: 'people', tags: ['people'])]
    #[OA\Response(
        response: 200,
        description: 'Everybody',
        content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/Person')),
    )]
    #[OA\Response(response: 403, description: 'Not a lead', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function index(Request $request): JsonResponse
    {
        return $this->all($request, $this->entitled($request, Right::LookAfterPeople));
    }

    #[OA\Post(path: '/api/people', operationId: 'addPerson', tags: ['people'], requestBody: new OA\RequestBody(
        required: true,
        content: new OA\JsonContent(ref: '#/components/schemas/NewPerson'),
    ))]
    #[OA\Response(
        response: 201,
        description: 'Everybody',
        content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/Person')),
    )]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function store(PersonRequest $request): JsonResponse
    {
        $lead = $this->entitled($request, Right::LookAfterPeople);
        [$name, $email] = [$request->string('name')->trim()->toString(), $request->string('email')->toString()];
        $password = $request->string('password')->toString();
        Passwords::check($password, 'password', $name, $email);
        $person = User::query()->create([
            'workshop_id' => $lead->workshop_id,
            'name' => $name,
            'email' => $email,
            'password' => $password,
            'role' => $request->string('role')->toString(),
            'units' => $lead->units,
            'weights' => $lead->weights,
            'must_change' => true,
        ]);
        Happening::add($lead, 'person-added', "{$person->name}, {$person->role->value}");

        return $this->all($request, $lead, 201);
    }

    #[OA\Patch(
        path: '/api/people/{person}',
        operationId: 'changePerson',
        tags: ['people'],
        parameters: [new OA\Parameter(ref: '#/components/parameters/person')],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/PersonChange')),
    )]
    #[OA\Response(
        response: 200,
        description: 'Everybody',
        content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/Person')),
    )]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function update(PersonRequest $request, string $person, ChangePerson $change): JsonResponse
    {
        $lead = $this->entitled($request, Right::LookAfterPeople);
        $change(
            $lead,
            $this->person($lead, $person),
            $request->has('name') ? $request->string('name')->trim()->toString() : null,
            $request->has('role') ? Role::from($request->string('role')->toString()) : null,
            $request->has('putAway') ? $request->boolean('putAway') : null,
        );

        return $this->all($request, $lead);
    }

    #[OA\Post(
        path: '/api/people/{person}/forget',
        operationId: 'forgetPerson',
        tags: ['people'],
        parameters: [new OA\Parameter(ref: '#/components/parameters/person')],
    )]
    #[OA\Response(
        response: 200,
        description: 'Everybody',
        content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/Person')),
    )]
    #[OA\Response(response: 422, description: 'Still at work', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function forget(Request $request, string $person, ForgetPerson $forget): JsonResponse
    {
        $lead = $this->entitled($request, Right::LookAfterPeople);
        $forget($lead, $this->person($lead, $person));

        return $this->all($request, $lead);
    }

    #[OA\Post(
        path: '/api/people/{person}/password',
        operationId: 'resetPassword',
        tags: ['people'],
        parameters: [new OA\Parameter(ref: '#/components/parameters/person')],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/FirstPassword')),
    )]
    #[OA\Response(
        response: 200,
        description: 'Set, and signed out everywhere',
        content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/Person')),
    )]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function password(Request $request, string $person): JsonResponse
    {
        $lead = $this->entitled($request, Right::LookAfterPeople);
        $one = $this->person($lead, $person);
        $request->validate(['password' => ['required', 'string']], ['password.*' => 'Give a first password.']);
        $password = $request->string('password')->toString();
        Passwords::check($password, 'password', $one->name, $one->email);
        $one->update(['password' => $password, 'must_change' => true]);
        Devices::end($one);
        Happening::add($lead, 'person-password', $one->name);

        return $this->all($request, $lead);
    }

    #[OA\Post(
        path: '/api/people/{person}/sign-out',
        operationId: 'signOutPerson',
        tags: ['people'],
        parameters: [new OA\Parameter(ref: '#/components/parameters/person')],
    )]
    #[OA\Response(
        response: 200,
        description: 'Signed out everywhere',
        content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/Person')),
    )]
    public function signOut(Request $request, string $person): JsonResponse
    {
        $lead = $this->entitled($request, Right::LookAfterPeople);
        $one = $this->person($lead, $person);
        Devices::end($one, $one->id === $lead->id ? $request->session()->getId() : null);
        Happening::add($lead, 'person-signed-out', $one->name);

        return $this->all($request, $lead);
    }

    #[OA\Get(path: '/api/happenings', operationId: 'happenings', tags: ['people'])]
    #[OA\Response(
        response: 200,
        description: 'Who did what, the newest first',
        content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/Happening')),
    )]
    public function happenings(Request $request): JsonResponse
    {
        $lead = $this->entitled($request, Right::LookAfterPeople);
        $query = Happening::query();
        $query->with('user')->where('workshop_id', $lead->workshop_id)->orderByDesc('id')->limit(self::MOST_HAPPENINGS);
        $told = fn (Happening $h): array => [
            'kind' => $h->kind,
            'about' => $h->about,
            'by' => $h->by(),
            'at' => $h->created_at->toIso8601ZuluString('millisecond'),
        ];

        return new JsonResponse($query->get()->map($told)->all());
    }

    private function all(Request $request, User $lead, int $status = 200): JsonResponse
    {
        $query = User::query();
        $query->where('workshop_id', $lead->workshop_id)->orderByRaw('put_away_at IS NOT NULL')->orderBy('name');
        $here = $request->hasSession() ? $request->session()->getId() : '';

        return new JsonResponse($query->get()->map(fn (User $u): array => PersonResource::of($u, $here))->all(), $status);
    }

    /** Somebody of another workshop is not there. */
    private function person(User $lead, string $id): User
    {
        $query = User::query()->where('workshop_id', $lead->workshop_id);
        $one = ctype_digit($id) && strlen($id) < 10 ? $query->find((int) $id) : null;

        return $one instanceof User ? $one : throw (new ModelNotFoundException())->setModel(User::class);
    }

}
