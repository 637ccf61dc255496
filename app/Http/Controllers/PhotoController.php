<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\LookResource;
use App\Models\JobPhoto;
use App\Models\RepairJob;
use finfo;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\Response;

/** Pictures of a car, kept with its job. */
final class PhotoController extends Controller
{
    /** As a phone takes them, kB. */
    private const MOST_KB = 12_000;

    #[
        OA\Post(
            path: '/api/jobs/{job}/photos',
            operationId: 'addPhoto',
            tags: ['look-back'],
            parameters: [new OA\Parameter(ref: '#/components/parameters/job')],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\MediaType(
                    mediaType: 'multipart/form-data',
                    schema: new OA\Schema(
                        required: ['id', 'photo'],
                        properties: [
                            new OA\Property(property: 'id', type: 'string', format: 'uuid'),
                            new OA\Property(property: 'finding', type: 'string', format: 'uuid'),
                            new OA\Property(property: 'photo', type: 'string', format: 'binary'),
                        ],
                    ),
                ),
            ),
        ),
    ]
    #[OA\Response(response: 201, description: 'Kept', content: new OA\JsonContent(ref: '#/components/schemas/LookPhoto'))]
    #[OA\Response(response: 422, description: 'Faults by field', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function store(Request $request, RepairJob $job): JsonResponse
    {
        $this->authorize('look', $job);
        $request->validate(
            [
                'id' => ['required', 'uuid'],
                'finding' => ['sometimes', 'nullable', 'uuid'],
                'photo' => ['required', 'file', 'max:' . self::MOST_KB],
            ],
            [
                'id.*' => 'An id is a UUID.',
                'finding.*' => 'A finding is a UUID.',
                'photo.required' => 'Choose a picture.',
                'photo.*' => 'A picture has up to 12 MB.',
            ],
        );
        $file = $request->file('photo');
        $picture = $file instanceof UploadedFile ? (string) $file->get() : '';
        // By what it is, not by what it is called.
        $mime = (string) (new finfo(FILEINFO_MIME_TYPE))->buffer($picture);
        if (! $file instanceof UploadedFile || ! in_array($mime, JobPhoto::MIMES, true)) {
            throw ValidationException::withMessages(['photo' => 'A picture is a JPEG, PNG or WebP file.']);
        }
        $id = strtolower($request->string('id')->toString());
        $there = $job->photos()->find($id);
        if ($there instanceof JobPhoto) {
            return new JsonResponse(LookResource::photo($there->load('user')), 201);
        }
        if (JobPhoto::query()->whereKey($id)->exists()) {
            throw ValidationException::withMessages(['id' => 'This id is taken.']);
        }
        $photo = new JobPhoto([
            'repair_job_id' => $job->id,
            'finding' => $request->input('finding'),
            'user_id' => $this->user($request)->id,
            'name' => Str::limit($file->getClientOriginalName(), 110, ''),
            'mime' => $mime,
            'bytes' => (int) $file->getSize(),
            'picture' => $picture,
        ]);
        $photo->id = $id;
        $photo->save();

        return new JsonResponse(LookResource::photo($photo->refresh()->load('user')), 201);
    }

    #[
        OA\Get(
            path: '/api/jobs/{job}/photos/{photo}',
            operationId: 'showPhoto',
            tags: ['look-back'],
            parameters: [
                new OA\Parameter(ref: '#/components/parameters/job'),
                new OA\Parameter(ref: '#/components/parameters/photo'),
            ],
        ),
    ]
    #[
        OA\Response(
            response: 200,
            description: 'The picture',
            content: new OA\MediaType(mediaType: 'image/*', schema: new OA\Schema(type: 'string', format: 'binary')),
        ),
    ]
    #[OA\Response(response: 404, description: 'Not there', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
    public function show(RepairJob $job, JobPhoto $photo): Response
    {
        $this->authorize('view', $job);

        return new Response($photo->picture, 200, [
            'Content-Type' => $photo->mime,
            'X-Content-Type-Options' => 'nosniff',
            'Content-Security-Policy' => "default-src 'none'; sandbox",
            'Cache-Control' => 'private, max-age=86400, immutable',
        ]);
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/photos/{photo}/strike',
            operationId: 'strikePhoto',
            tags: ['look-back'],
            parameters: [
                new OA\Parameter(ref: '#/components/parameters/job'),
                new OA\Parameter(ref: '#/components/parameters/photo'),
            ],
        ),
    ]
    #[OA\Response(response: 204, description: 'Struck; it can come back')]
    public function strike(RepairJob $job, JobPhoto $photo): JsonResponse
    {
        $this->authorize('look', $job);
        $photo->update(['struck_at' => $photo->struck_at ?? now()]);

        return new JsonResponse(null, 204);
    }

    #[
        OA\Post(
            path: '/api/jobs/{job}/photos/{photo}/restore',
            operationId: 'restorePhoto',
            tags: ['look-back'],
            parameters: [
                new OA\Parameter(ref: '#/components/parameters/job'),
                new OA\Parameter(ref: '#/components/parameters/photo'),
            ],
        ),
    ]
    #[OA\Response(response: 204, description: 'Back')]
    public function restore(RepairJob $job, JobPhoto $photo): JsonResponse
    {
        $this->authorize('look', $job);
        $photo->update(['struck_at' => null]);

        return new JsonResponse(null, 204);
    }
}
